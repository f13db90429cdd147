<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    question: string;
    answer: Schemas['FitAnswer'] | undefined;
    jobId: string;
    version: number;
    may: boolean;
    taken: (sheet: Schemas['JobSheet']) => void;
  }
  let { question, answer, jobId, version, may, taken }: Props = $props();
  let again = $state(false);
  let note = $state('');
  let trouble = $state<Trouble | null>(null);
  let id = crypto.randomUUID();

  async function say(fits: boolean) {
    trouble = null;
    try {
      const sheet = await ask(
        api.POST('/api/jobs/{id}/fits', {
          params: { path: { id: jobId } },
          body: { id, question, fits, note, version },
        }),
      );
      id = crypto.randomUUID();
      note = '';
      again = false;
      taken(sheet);
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
</script>

<li>
  <span>{question}</span>
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
      <label>
        What you measured or saw
        <input class="quiet" bind:value={note} maxlength="1000" autocomplete="off" />
      </label>
      <button class="quiet" type="button" onclick={() => void say(true)}>Fits</button>
      <button class="quiet" type="button" disabled={!note.trim()} onclick={() => void say(false)}>
        Does not fit
      </button>
    </span>
  {/if}
  {#if trouble}<TroubleNote {trouble} />{/if}
</li>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    align-items: end;
  }
  label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input {
    min-width: 16rem;
  }
</style>
