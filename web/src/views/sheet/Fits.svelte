<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { addressOf } from '../fit/state';
  import { onSheet } from './turns';

  interface Props {
    question: string;
    /** What is worked out to answer it; nothing where looking is enough. */
    asked?: Schemas['AskedFit'] | undefined;
    answer: Schemas['FitAnswer'] | undefined;
    jobId: string;
    version: number;
    may: boolean;
    taken: (sheet: Schemas['JobSheet']) => void;
  }
  let { question, asked, answer, jobId, version, may, taken }: Props = $props();
  const worked = $derived(answer?.worked);
  const said = $derived([worked?.said[0], answer?.note].filter(Boolean).join(' '));
  let again = $state(false);
  let note = $state('');

  const sending = new Submission(onSheet);

  const say = (fits: boolean, sameAs?: string) => {
    const said = { question, fits, note, ...(sameAs ? { sameAs } : {}) };
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
    >{question}{#if asked}<span class="soft">, worked out as {asked.words}</span>{/if}</span
  >
  {#if answer}
    <span class={answer.fits ? 'good' : worked?.verdict === 'TOO_CLOSE' ? 'warn' : 'bad'}>
      {#if answer.fits}<CheckmarkOutline size={16} /> fits{:else if worked?.verdict === 'TOO_CLOSE'}too
        close to call{:else}does not fit{/if}{said ? `: ${said}` : ''} · {answer.by}
    </span>
  {/if}
  {#if asked}
    <a href={addressOf(asked.call, worked?.state ?? '?', { job: jobId, question })}
      >{worked ? 'Look at it again' : 'Work it out'}</a
    >
  {/if}
  {#if may && asked?.before && !answer}
    {@const before = asked.before}
    <span class="soft">{moment(before.at)}, {before.by}: {before.said}</span>
    <button
      class="quiet no-print"
      type="button"
      disabled={sending.busy}
      onclick={() => void say(true, before.id)}>It still is so</button
    >
  {/if}
  {#if may && (asked || answer) && !again}
    <button class="quiet no-print" type="button" onclick={() => (again = true)}
      >{asked ? 'Say it' : 'Answer again'}</button
    >
  {:else if may}
    <span class="buttons no-print">
      <span class="seen">
        <Field label="What you measured or saw" bind:value={note} maxlength={1000} />
      </span>
      {#if !asked || here.isLead}
        <button
          class="quiet"
          type="button"
          disabled={sending.busy || (!!asked && !note.trim())}
          onclick={() => void say(true)}>{asked ? 'Take it for good' : 'Fits'}</button
        >
      {/if}
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
