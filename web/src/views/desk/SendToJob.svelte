<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas } from '../../api/client';
  import { Newest } from '../../api/newest';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { type DeskState } from './fields';
  import { pieceFrom, withPiece } from '../sheet/pieces';
  import { toQuery } from './state';

  let { desk, summary }: { desk: DeskState; summary: string } = $props();
  let jobs = $state.raw<Schemas['OnLift'][] | null>(null);
  let sheet = $state.raw<Schemas['JobSheet'] | null>(null);
  let jobId = $state('');
  let jointId = $state('');
  let sent = $state('');
  const asking = new Submission();
  const sending = new Submission();
  const sheets = new Newest();
  const trouble = $derived(sending.trouble ?? asking.trouble);

  const open = () =>
    asking.send(
      'today',
      () => ask(api.GET('/api/today')),
      (today) => (jobs = today.jobs),
    );
  const sheetOf = (id: string) => {
    sheet = null;
    jointId = '';
    return sheets.ask(
      async () => {
        let whole = await ask(api.GET('/api/jobs/{id}/sheet', { params: { path: { id } } }));
        while (whole.laterJoints > 0) {
          const from = whole.joints.length;
          const longer = withPiece(whole, from, await pieceFrom(id, from));
          if (longer === whole) break;
          whole = longer;
        }
        return whole;
      },
      (fresh) => (sheet = fresh),
      (caught) => (asking.trouble = asTrouble(caught)),
    );
  };
  $effect(() => {
    if (jobId) void sheetOf(jobId);
  });
  const send = () =>
    sending.send(
      [jobId, jointId, toQuery(desk), summary],
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/desk-notes', {
            params: { path: { id: jobId } },
            body: { id, jointId, state: toQuery(desk), summary },
          }),
        ),
      () => (sent = jobId),
    );
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
      <Button size="field" disabled={sending.busy || !jointId} on:click={() => void send()}
        >Send</Button
      >
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
