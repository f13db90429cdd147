<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { toQuery, type DeskState } from './state';

  let { desk, summary }: { desk: DeskState; summary: string } = $props();
  let jobs = $state.raw<Schemas['OnLift'][] | null>(null);
  let sheet = $state.raw<Schemas['JobSheet'] | null>(null);
  let jobId = $state('');
  let jointId = $state('');
  let trouble = $state<Trouble | null>(null);
  let sent = $state('');
  let id = crypto.randomUUID();

  async function open() {
    try {
      jobs = (await ask(api.GET('/api/today'))).jobs;
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
  async function choose(id: string) {
    sheet = null;
    jointId = '';
    try {
      sheet = await ask(api.GET('/api/jobs/{id}/sheet', { params: { path: { id } } }));
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
  $effect(() => {
    if (jobId) void choose(jobId);
  });
  async function send() {
    trouble = null;
    try {
      await ask(
        api.POST('/api/jobs/{id}/desk-notes', {
          params: { path: { id: jobId } },
          body: { id, jointId, state: toQuery(desk), summary },
        }),
      );
      id = crypto.randomUUID();
      sent = jobId;
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
</script>

{#if jobs === null}
  <Button kind="tertiary" size="field" on:click={() => void open()}>Send into a job</Button>
{:else}
  <div class="pick">
    <Select labelText="Job" bind:selected={jobId}>
      <SelectItem value="" text={jobs.length ? 'choose' : 'no job is open'} />
      {#each jobs as job (job.jobId)}
        <SelectItem value={job.jobId} text="{job.machineName}: {job.title}, job {job.number}" />
      {/each}
    </Select>
    {#if sheet}
      <Select labelText="Joint" bind:selected={jointId}>
        <SelectItem value="" text="choose" />
        {#each sheet.joints as joint (joint.id)}
          <SelectItem value={joint.id} text={joint.title} />
        {/each}
      </Select>
      <Button size="field" disabled={!jointId} on:click={() => void send()}>Send</Button>
    {/if}
    {#if sent}<p role="status">Noted on the <a href="/jobs/{sent}/sheet">job sheet</a>.</p>{/if}
  </div>
{/if}
{#if trouble}<TroubleNote {trouble} />{/if}

<style>
  .pick {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
</style>
