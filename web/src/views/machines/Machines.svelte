<script lang="ts">
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { thousands } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { SkeletonText } from 'carbon-components-svelte';

  const KINDS = { MOTORCYCLE: 'Motorcycles', ATV: 'ATVs', BICYCLE: 'Bicycles' } as const;
  const PAUSE_MS = 150;
  let q = $state('');
  let machines = $state.raw<Schemas['Machine'][] | null>(null);
  let trouble = $state<Trouble | null>(null);
  let timer: ReturnType<typeof setTimeout>;
  let asked = 0;

  async function look() {
    const mine = ++asked;
    try {
      const found = await ask(api.GET('/api/machines', { params: { query: { q } } }));
      if (mine === asked) {
        machines = found;
        trouble = null;
      }
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
  function typed() {
    clearTimeout(timer);
    timer = setTimeout(() => void look(), PAUSE_MS);
  }
  const groups = $derived(
    (Object.keys(KINDS) as (keyof typeof KINDS)[])
      .map((kind) => ({ kind, machines: (machines ?? []).filter((m) => m.kind === kind) }))
      .filter((g) => g.machines.length > 0),
  );
  $effect(() => void look());
</script>

<svelte:head><title>Machines · Unimetric</title></svelte:head>
<h1>Machines</h1>
<input
  class="search"
  bind:value={q}
  oninput={typed}
  aria-label="Search machines by name, model or frame number"
  placeholder="Name, model or frame number"
  maxlength="200"
  autocomplete="off"
/>
{#if trouble}<TroubleNote {trouble} retry={look} />{/if}
{#if machines === null && !trouble}
  <div aria-busy="true" aria-label="Loading"><SkeletonText paragraph lines={5} /></div>
{:else if machines !== null && machines.length === 0}
  <p class="soft">
    {q ? 'No machine matches; try part of the name or of the frame number.' : 'The fleet is empty.'}
  </p>
{/if}
{#each groups as group (group.kind)}
  <h2>{KINDS[group.kind]}</h2>
  <ul>
    {#each group.machines as m (m.id)}
      <li>
        <a href="/machines/{m.id}">
          <strong>{m.name}</strong>
          <span>{m.model} <span class="soft">{m.modelYear}, {m.variant}</span></span>
          <span class="soft frame">{m.frameNumber}</span>
          <span class="soft">{m.note}</span>
          <span class="figure meter">
            {m.meterFigure === undefined ? '–' : thousands(m.meterFigure)}
            <span class="soft">{m.meter === 'KM' ? 'km' : 'h'}</span>
          </span>
        </a>
      </li>
    {/each}
  </ul>
{/each}

<style>
  .search {
    width: min(28rem, 100%);
    min-height: 2.5rem;
    margin-top: 0.5rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 1rem;
  }
  .search::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
  ul {
    list-style: none;
  }
  li a {
    display: grid;
    grid-template-columns: 7rem minmax(12rem, 2fr) 7rem 1fr 7rem;
    gap: 0 1rem;
    align-items: center;
    min-height: 2.75rem;
    color: var(--ink);
    text-decoration: none;
    border-bottom: 1px solid var(--hairline-soft);
  }
  li a:hover strong {
    color: var(--copper);
  }
  .meter {
    text-align: right;
  }
  @media (max-width: 640px) {
    li a {
      grid-template-columns: 6rem 1fr 5.5rem;
      padding: 0.375rem 0;
    }
    .frame,
    .frame + .soft {
      display: none;
    }
  }
</style>
