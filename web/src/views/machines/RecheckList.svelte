<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import DueWhen from './DueWhen.svelte';
  import RecheckMark from './RecheckMark.svelte';

  type Recheck = Schemas['Recheck'];
  interface Props {
    rechecks: Recheck[];
    settled: (one: Recheck) => void;
  }
  let { rechecks, settled }: Props = $props();
  let open = $state('');
  let note = $state('');

  const sending = new Submission();

  const settle = (r: Recheck, outcome: 'HELD' | 'MOVED') =>
    sending.send(
      [r.id, outcome, note],
      (id) =>
        ask(
          api.POST('/api/rechecks/{id}/result', {
            params: { path: { id: r.id } },
            body: { id, outcome, note },
          }),
        ),
      (one) => {
        open = '';
        note = '';
        settled(one);
      },
    );
</script>

<ul class="lines">
  {#each rechecks as r (r.id)}
    <li>
      <div class="line">
        <RecheckMark standing={r.standing} outcome={r.outcome} />
        <span>
          {r.joints}
          <span class="soft block">{r.why} {r.jobTitle}, job {r.jobNumber}</span>
        </span>
        <span>
          {#if r.outcome}
            <span class="soft">{r.foundBy}, {r.foundAt ? moment(r.foundAt) : ''}</span>
            {#if r.note}<span class="block">{r.note}</span>{/if}
          {:else}
            <DueWhen recheck={r} />
          {/if}
        </span>
        {#if !r.outcome && here.mayWork}
          <Button
            kind="ghost"
            size="field"
            aria-expanded={open === r.id}
            on:click={() => (open = open === r.id ? '' : r.id)}
          >
            Settle
          </Button>
        {/if}
      </div>
      {#if open === r.id}
        <div class="settle">
          <p>
            Set the target and pull slowly. It clicks without moving: it held. It moves before the
            click: say by how much and find out why; a joint with cured threadlocker is taken apart
            and redone.
          </p>
          <TextInput labelText="What was found" bind:value={note} maxlength={1000} />
          {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
          <div class="buttons">
            <Button size="field" disabled={sending.busy} on:click={() => void settle(r, 'HELD')}
              >Held</Button
            >
            <Button
              size="field"
              kind="tertiary"
              disabled={sending.busy}
              on:click={() => void settle(r, 'MOVED')}>Moved</Button
            >
          </div>
        </div>
      {/if}
    </li>
  {:else}
    <li class="soft">None. They come with the first signed job.</li>
  {/each}
</ul>

<style>
  .line {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 3fr) minmax(0, 2fr) auto;
    gap: 0.25rem 1rem;
    align-items: center;
  }
  .block {
    display: block;
  }
  .settle {
    display: grid;
    gap: 0.75rem;
    padding: 0.75rem 0 0.75rem 7.5rem;
    max-width: 48rem;
  }
  .buttons {
    display: flex;
    gap: 0.5rem;
  }
  @media (max-width: 640px) {
    .line {
      grid-template-columns: 1fr;
    }
    .settle {
      padding-left: 0;
    }
  }
</style>
