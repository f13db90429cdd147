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
  let saying = $state(false);
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
      saying = false;
      note = '';
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
      {#if answer.fits}<CheckmarkOutline size={16} /> fits{:else}does not fit: {answer.note}{/if},
      {answer.by}
    </span>
  {/if}
  {#if may}
    <span class="buttons no-print">
      {#if !answer?.fits}
        <button type="button" onclick={() => void say(true)}>Fits</button>
      {/if}
      {#if saying}
        <label>
          What does not fit
          <input bind:value={note} maxlength="1000" autocomplete="off" />
        </label>
        <button type="button" disabled={!note.trim()} onclick={() => void say(false)}>
          Write down
        </button>
      {:else}
        <button type="button" onclick={() => (saying = true)}>Does not fit</button>
      {/if}
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
  button {
    min-height: 2.5rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--copper);
    color: var(--copper);
    font: inherit;
    padding: 0 0.25rem;
    cursor: pointer;
  }
  button:disabled {
    color: var(--ink-soft);
    border-color: var(--hairline);
  }
  input {
    display: block;
    min-height: 2.5rem;
    min-width: 16rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.5rem;
  }
</style>
