<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import SignIn from '../../shell/SignIn.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import type { Fit } from './fields';

  interface Props {
    fit: Fit;
    /** The address part that shows it again. */
    query: string;
    request: Record<string, unknown>;
    verdict: Schemas['SteererStackResponse']['inShort'];
    job: string;
    question: string;
    machine: string;
  }
  let { fit, query, request, verdict, job, question, machine }: Props = $props();

  type Taken = Schemas['NewKeptFit']['taken'];
  /** What it can be kept for: a machine, or a question of a job on the lifts. */
  interface Target {
    id: string;
    machineId: string;
    jobId?: string;
    name: string;
  }
  let targets = $state.raw<Target[] | null>(null);
  let sheet = $state.raw<Schemas['JobSheet'] | null>(null);
  let target = $state('');
  const chosen = $derived(targets?.find((t) => t.id === target));
  let taken = $state<Taken>('FOUND');
  let note = $state('');
  let kept = $state('');
  const asking = new Submission();
  const sending = new Submission();
  const trouble = $derived(sending.trouble ?? asking.trouble);
  const asksThis = $derived(sheet?.preparation.fitChecks.includes(question));
  const said = $derived(JSON.stringify([query, taken, note, target]));
  const done = $derived(kept === said);

  const machines = () =>
    asking.send(
      'machines',
      () => Promise.all([ask(api.GET('/api/machines')), ask(api.GET('/api/today'))]),
      ([all, today]) => {
        targets = all.flatMap((m) => [
          { id: m.id, machineId: m.id, name: m.name },
          ...today.jobs
            .filter((j) => j.machineId === m.id)
            .map((j) => ({
              id: j.jobId,
              machineId: m.id,
              jobId: j.jobId,
              name: `${m.name}: ${j.title}, job ${j.number}`,
            })),
        ]);
        target = targets.find((t) => t.id === (job || machine))?.id ?? '';
      },
    );
  const ofJob = () =>
    asking.send(
      job,
      () => ask(api.GET('/api/jobs/{id}/sheet', { params: { path: { id: job } } })),
      (fresh) => (sheet = fresh),
    );
  $effect(() => {
    if (here.person && job && question) void ofJob();
  });

  const forTarget = () => {
    if (!chosen) return;
    const { machineId, jobId } = chosen;
    return sending.send(
      [said, request],
      (id) =>
        ask(
          api.POST('/api/machines/{machineId}/fits', {
            params: { path: { machineId } },
            body: {
              id,
              call: fit.code,
              state: query,
              request,
              taken,
              note,
              ...(jobId ? { jobId } : {}),
            },
          }),
        ),
      () => (kept = said),
    );
  };
  const forJob = (fits: boolean) => {
    if (!sheet) return;
    const version = sheet.version;
    return sending.send(
      [said, request, fits],
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/fits', {
            params: { path: { id: job } },
            body: {
              id,
              question,
              fits,
              note,
              version,
              worked: { call: fit.code, state: query, request, taken },
            },
          }),
        ),
      (fresh) => {
        sheet = fresh;
        kept = said;
      },
    );
  };
</script>

<section class="no-print" aria-label="Keep it">
  {#if !here.person}
    <details>
      <summary>Sign in to keep it for a machine or a job</summary>
      <SignIn />
    </details>
  {:else if !here.mayWork}
    <p class="soft">A mechanic or a lead keeps it for a machine or a job.</p>
  {:else if job && question}
    {#if sheet && asksThis}
      <h2>For {sheet.title}, {sheet.machine.name}</h2>
      <p>{question}</p>
      <div class="keep">
        <TextInput size="sm" labelText="Note" bind:value={note} maxlength={1000} />
        {#if verdict}
          <Button size="field" disabled={sending.busy || done} on:click={() => void forJob(true)}
            >Answer the job with this</Button
          >
        {:else}
          <Button size="field" disabled={sending.busy || done} on:click={() => void forJob(true)}
            >It is good</Button
          >
          <Button
            size="field"
            kind="tertiary"
            disabled={sending.busy || done || !note.trim()}
            on:click={() => void forJob(false)}>It is not</Button
          >
        {/if}
      </div>
      <p role="status">
        {#if done}Kept as found. <a href="/jobs/{job}/sheet#fits">Back to the sheet</a>{/if}
      </p>
    {:else if sheet}
      <p class="soft">
        The sheet no longer asks that. <a href="/jobs/{job}/sheet">Back to the sheet</a>
      </p>
    {/if}
  {:else if targets === null}
    <Button kind="tertiary" size="field" on:click={() => void machines()}>Keep it</Button>
  {:else}
    <h2>Keep it for a machine or a job</h2>
    <div class="keep">
      <Select labelText="For" bind:selected={target}>
        <SelectItem value="" text="choose" />
        {#each targets as t (t.id)}<SelectItem value={t.id} text={t.name} />{/each}
      </Select>
      <Select labelText="Measured" bind:selected={taken}>
        <SelectItem value="FOUND" text="as found" />
        <SelectItem value="LEFT" text="as left" />
      </Select>
      <TextInput size="sm" labelText="Note" bind:value={note} maxlength={1000} />
      <Button
        size="field"
        disabled={sending.busy || !chosen || done}
        on:click={() => void forTarget()}>Keep</Button
      >
    </div>
    <p role="status">
      {#if done}Kept. <a href="/machines/{chosen?.machineId}#fits">To the machine</a>{/if}
    </p>
  {/if}
  {#if trouble}<TroubleNote {trouble} />{/if}
</section>

<style>
  .keep {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  summary {
    cursor: pointer;
    color: var(--copper);
    min-height: 2.5rem;
    line-height: 2.5rem;
  }
</style>
