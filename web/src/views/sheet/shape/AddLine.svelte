<script lang="ts">
  import { keep, kept } from '../../../api/drafts';
  import { choices } from '../../../api/choices';
  import type { Schemas } from '../../../api/client';
  import { Submission } from '../../../api/submission.svelte';
  import Field from '../../../shell/Field.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import type { Shape } from './shape.svelte';

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
  let title = $state('');
  let phase = $state('REMOVE');
  let assumed = $state<string[]>([]);
  let from = $state.raw<Schemas['ChoicesResponse'] | null>(null);
  choices().then(
    (fresh) => (from = fresh),
    () => (from = null),
  );
  $effect(() => keep(draft, line));
  const joint = new Submission();
  const step = new Submission();
  const LINE = /^line$/;
  const notLine = $derived(joint.besides(LINE));

  async function addJoint(e: SubmitEvent) {
    e.preventDefault();
    await joint.send(
      line,
      (id) => shape.line(line, id),
      (answer) => {
        line = '';
        assumed = answer.assumed;
        added(answer.jointId, ['joints', answer.jointId]);
      },
    );
  }
  async function addStep(e: SubmitEvent) {
    e.preventDefault();
    await step.send(
      [title, phase],
      (id) => {
        const name = `own-${id.slice(0, 8)}`;
        const now = { id: name, phase, title: title.trim(), text: title.trim() };
        return shape
          .change([{ kind: 'INSERT', at: ['steps'], now }], id)
          .then(() => ['steps', name]);
      },
      (at) => {
        title = '';
        added(undefined, at);
      },
    );
  }
</script>

<div class="add no-print">
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
