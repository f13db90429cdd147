<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { mayBeSent } from '../../api/large';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  let came = $state.raw<Schemas['Brought'] | null>(null);
  let cards = $state(false);
  const sending = new Submission();

  async function bring(e: Event & { currentTarget: HTMLInputElement }) {
    const input = e.currentTarget;
    const file = input.files?.[0];
    if (!file) return;
    came = null;
    await sending.send(
      file.name,
      async () => {
        await mayBeSent(file, here.largest?.sheetBytes);
        return ask(
          api.POST('/api/workshop/everything', {
            body: file as unknown as string,
            bodySerializer: (body) => body,
            headers: { 'Content-Type': 'application/octet-stream' },
          }),
        );
      },
      (brought) => (came = brought),
    );
    input.value = '';
  }
</script>

<h2 id="whole">The whole workshop</h2>
<p>
  <a href="/api/workshop/everything.zip?cards={cards}" download>Take everything out</a>
  <span class="soft"
    >as one file that other programs read: sheets, packs, the records of signed jobs. A backup that
    can be started again is made with ./backup where the server was started.</span
  >
</p>
<label class="cards">
  <input type="checkbox" bind:checked={cards} />
  with the card of each signed job on paper, which takes its time
</label>
<label class="in">
  <span>{sending.busy ? 'Reading …' : 'Bring such a file into a workshop that has just begun'}</span
  >
  <input type="file" accept=".zip,application/zip" onchange={bring} disabled={sending.busy} />
</label>
{#if came}
  <div class="good" role="status">
    <p>Came in: {came.came.join(', ')}.</p>
    {#if came.stayed.length}
      <p class="soft">
        Stays in the file, to be read there: {came.stayed.slice(0, 6).join(', ')}{came.stayed
          .length > 6
          ? ' …'
          : ''}. What comes back from a file is no evidence.
      </p>
    {/if}
  </div>
{/if}
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  label {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    min-height: 2.5rem;
    color: var(--ink-soft);
  }
  .cards input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--copper-fill);
  }
  .in input {
    font: inherit;
    color: var(--ink-soft);
  }
</style>
