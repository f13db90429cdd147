<script lang="ts">
  import { Submission } from '../../../api/submission.svelte';
  import Field from '../../../shell/Field.svelte';
  import TroubleNote from '../../../shell/TroubleNote.svelte';
  import { typed } from './fields';
  import type { Shape } from './shape.svelte';
  import { onSheet } from '../turns';

  let { shape, within }: { shape: Shape; within: string[] } = $props();
  let question = $state('');
  let lines = $state('');
  const base = $props.id();
  const sending = new Submission(onSheet);

  function say(e: SubmitEvent) {
    e.preventDefault();
    const said = { question: question.trim(), answers: typed('answers', lines) ?? [] };
    const at = [...within, 'options'];
    void sending.send(
      [said, at],
      (id) =>
        shape.change([{ kind: 'INSERT', at, now: { id: `own-${id.slice(0, 8)}`, ...said } }], id),
      () => {
        question = '';
        lines = '';
      },
    );
  }
</script>

<details class="fold">
  <summary>Another question</summary>
  <p class="soft">
    For what differs from machine to machine. Joints, steps and parts then say under which answer
    they belong to the job.
  </p>
  <form onsubmit={say}>
    <Field label="Question" bind:value={question} hint="How are the pads held?" />
    <label for="{base}-answers">Answers, one a line, the usual one first</label>
    <textarea id="{base}-answers" bind:value={lines} rows="3" maxlength="2000"></textarea>
    <button
      class="quiet"
      type="submit"
      disabled={sending.busy || !question.trim() || !lines.trim()}
    >
      Add the question
    </button>
  </form>
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
</details>

<style>
  form {
    display: grid;
    gap: 0.5rem;
  }
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  textarea {
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0.25rem 0.5rem;
  }
  button {
    justify-self: start;
  }
</style>
