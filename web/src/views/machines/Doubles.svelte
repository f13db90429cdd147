<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    page: Schemas['MachinePage'];
    again: () => Promise<void>;
  }
  let { page, again }: Props = $props();
  const m = $derived(page.machine);
  let q = $state('');
  let found = $state.raw<Schemas['Machine'][]>([]);
  let looked = $state('');
  const sending = new Submission();

  async function look(e: SubmitEvent) {
    e.preventDefault();
    const all = await ask(api.GET('/api/machines', { params: { query: { q } } }));
    found = all.filter((o) => o.id !== m.id && !o.mergedInto).slice(0, 8);
    looked = q;
  }
  const merge = (other: Schemas['Machine']) =>
    sending.send(
      ['merge', m.id, other.id],
      () =>
        ask(
          api.POST('/api/machines/{id}/merging', {
            params: { path: { id: m.id } },
            body: { doubled: other.id, version: other.version },
          }),
        ),
      async () => {
        found = [];
        q = '';
        await again();
      },
    );
  const part = (one: Schemas['Machine']) =>
    sending.send(
      ['part', one.id, one.version],
      () =>
        ask(
          api.POST('/api/machines/{id}/parting', {
            params: { path: { id: one.id } },
            body: { version: one.version },
          }),
        ),
      again,
    );
</script>

{#each page.doubles as one (one.id)}
  <p>
    <a href="/machines/{one.id}">{one.name}</a> is this machine.
    {#if here.may('KEEP_MACHINES')}
      <button class="quiet" type="button" onclick={() => void part(one)}>
        It is another after all
      </button>
    {/if}
  </p>
{/each}
{#if here.may('KEEP_MACHINES') && !m.mergedInto}
  <details class="fold">
    <summary>It stands here twice</summary>
    <p class="soft">
      Find the other entry. Its jobs, readings and re-checks then stand on this page; nothing is
      lost, and the two can be parted again.
    </p>
    <form onsubmit={look}>
      <Field label="Name, plate or frame number of the other" bind:value={q} maxlength={60} />
      <button class="quiet" type="submit" disabled={!q.trim()}>Find it</button>
    </form>
    <ul class="lines">
      {#each found as other (other.id)}
        <li>
          <strong>{other.name}</strong>
          <span class="soft">
            {[other.make, other.model, other.modelYear, other.frameNumber]
              .filter(Boolean)
              .join(' ')}
          </span>
          <button
            class="quiet"
            type="button"
            disabled={sending.busy}
            onclick={() => void merge(other)}>It is this machine</button
          >
        </li>
      {:else}
        {#if looked}<li class="soft">No other machine is found by “{looked}”.</li>{/if}
      {/each}
    </ul>
  </details>
{/if}
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.75rem;
    align-items: end;
  }
</style>
