<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { onSheet } from './turns';

  interface Props {
    question: string;
    /** What is worked out to answer it; nothing where looking is enough. */
    call?: string | undefined;
    answer: Schemas['FitAnswer'] | undefined;
    jobId: string;
    version: number;
    may: boolean;
    taken: (sheet: Schemas['JobSheet']) => void;
  }
  let { question, call, answer, jobId, version, may, taken }: Props = $props();
  let again = $state(false);
  let note = $state('');

  const sending = new Submission(onSheet);

  const say = (fits: boolean) => {
    const said = { question, fits, note };
    return sending.send(
      said,
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/fits', {
            params: { path: { id: jobId } },
            body: { id, ...said, version },
          }),
        ),
      (sheet) => {
        note = '';
        again = false;
        taken(sheet);
      },
    );
  };
</script>

<li>
  <span
    >{question}{#if call}<span class="soft">, worked out as {call}</span>{/if}</span
  >
  {#if answer}
    <span class={answer.fits ? 'good' : 'bad'}>
      {#if answer.fits}<CheckmarkOutline size={16} /> fits{:else}does not fit{/if}{answer.note
        ? `: ${answer.note}`
        : ''}, {answer.by}
    </span>
  {/if}
  {#if may && answer && !again}
    <button class="quiet no-print" type="button" onclick={() => (again = true)}>Answer again</button
    >
  {:else if may}
    <span class="buttons no-print">
      <span class="seen">
        <Field label="What you measured or saw" bind:value={note} maxlength={1000} />
      </span>
      <button class="quiet" type="button" disabled={sending.busy} onclick={() => void say(true)}
        >Fits</button
      >
      <button
        class="quiet"
        type="button"
        disabled={sending.busy || !note.trim()}
        onclick={() => void say(false)}
      >
        Does not fit
      </button>
    </span>
  {/if}
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
</li>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    align-items: end;
  }
  .seen {
    min-width: 16rem;
  }
</style>
