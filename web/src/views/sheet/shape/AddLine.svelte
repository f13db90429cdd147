<script lang="ts">
  import { keep, kept } from '../../../api/drafts';
  import { choices } from '../../../api/choices';
  import type { Schemas } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import Field from '../../../shell/Field.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import type { Shape } from './shape.svelte';
  import { onSheet } from '../turns';

  interface Props {
    shape: Shape;
    jobId: string;
    /** Where it came in: a joint by its id, a step by the way to it. */
    added: (joint: string | undefined, at: string[]) => void;
  }
  let { shape, jobId, added }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `joint.${jobId}`;
  let line = $state(kept(draft));
  // svelte-ignore state_referenced_locally
  const draftOfStep = `step.${jobId}`;
  let title = $state(kept(draftOfStep));
  /** In a visit: the job it comes into. */
  let job = $state(0);
  const within = $derived((shape.jobs[job] ?? shape.jobs[0])?.within ?? []);
  let phase = $state('REMOVE');
  let assumed = $state<string[]>([]);
  let from = $state.raw<Schemas['ChoicesResponse'] | null>(null);
  choices().then(
    (fresh) => (from = fresh),
    () => (from = null),
  );
  $effect(() => keep(draft, line));
  $effect(() => keep(draftOfStep, title));
  const joint = new Submission(onSheet);
  const step = new Submission(onSheet);
  const LINE = /^line$/;
  const notLine = $derived(joint.besides(LINE));

  async function addJoint(e: SubmitEvent) {
    e.preventDefault();
    const said = { line, within };
    await joint.send(
      said,
      (id) => shape.line(said.line, said.within, id),
      (answer) => {
        line = '';
        assumed = answer.assumed;
        added(answer.jointId, [...answer.list, answer.name]);
      },
    );
  }
  async function addStep(e: SubmitEvent) {
    e.preventDefault();
    const said = { phase, title: title.trim(), text: title.trim() };
    const at = [...within, 'steps'];
    await step.send(
      [said, at],
      (id) => {
        const name = `own-${id.slice(0, 8)}`;
        return shape
          .change([{ kind: 'INSERT', at, now: { id: name, ...said } }], id)
          .then(() => [...at, name]);
      },
      (there) => {
        title = '';
        added(undefined, there);
      },
    );
  }
</script>

<div class="add no-print">
  {#if shape.jobs.length > 1}
    <label class="into">
      <span class="soft">It belongs to</span>
      <select bind:value={job}>
        {#each shape.jobs as j, i (j.title)}<option value={i}>{j.title}</option>{/each}
      </select>
    </label>
  {/if}
  <form onsubmit={addJoint}>
    <Field
      label="Add a joint"
      bind:value={line}
      message={joint.at(LINE)}
      hint="4 M6 8.8 20 Nm cross medium"
    />
    <button class="quiet" type="submit" disabled={joint.busy || !line.trim()}>Add joint</button>
  </form>
  {#if notLine}<TroubleNote trouble={notLine} />{/if}
  <form onsubmit={addStep}>
    <Field label="Add a step" bind:value={title} hint="Guard off" />
    <select aria-label="Part of the work" bind:value={phase}>
      {#each from?.phases ?? [] as p (p.code)}<option value={p.code}>{p.words}</option>{/each}
    </select>
    <button class="quiet" type="submit" disabled={step.busy || !title.trim()}>Add step</button>
  </form>
  {#if step.trouble}<TroubleNote trouble={step.trouble} />{/if}
  {#each assumed as one, i (i)}<p class="soft">{one}</p>{/each}
</div>

<style>
  .add {
    border-top: 1px solid var(--hairline);
    padding: 0.5rem 0;
    display: grid;
    gap: 0.5rem;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 0.75rem;
    align-items: end;
  }
  .into {
    display: flex;
    gap: 0.75rem;
    align-items: center;
  }
  select {
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
  }
  .soft {
    font-size: 0.8125rem;
  }
</style>
