<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { thousands } from '../../joint/figures';
  import { here } from '../../api/session.svelte';
  import Search from '../../shell/Search.svelte';

  import BringSheet from '../bring/BringSheet.svelte';
  import NewMachine from './NewMachine.svelte';

  const KINDS = { MOTORCYCLE: 'Motorcycles', ATV: 'ATVs', BICYCLE: 'Bicycles' } as const;
  const sign = (meter: Schemas['Machine']['meter']) =>
    here.meters.find((m) => m.code === meter)?.sign ?? '';
  /** As many as are found at once. */
  const MOST = 200;
  const find = (q: string) => ask(api.GET('/api/machines', { params: { query: { q } } }));
  const groups = (machines: Schemas['Machine'][]) =>
    (Object.keys(KINDS) as (keyof typeof KINDS)[])
      .map((kind) => ({ kind, machines: machines.filter((m) => m.kind === kind) }))
      .filter((g) => g.machines.length > 0);
</script>

<svelte:head><title>Machines · Unimetric</title></svelte:head>
<h1>Machines</h1>
{#if here.may('KEEP_MACHINES')}
  <details>
    <summary>Add a machine</summary>
    <NewMachine />
  </details>
{/if}
{#if here.may('BRING_SHEETS')}
  <BringSheet kind="MACHINES">
    name, kind, make, model, model year, and as you have them variant, frame number, registration,
    meter, its reading, owner, place.
  </BringSheet>
{/if}
<Search
  label="Search machines by name, model, plate, frame number, owner or place"
  placeholder="Name, model, plate, frame number, owner"
  {find}
>
  {#snippet children(machines, q)}
    {#if machines.length === 0}
      <p class="soft">
        {q
          ? 'No machine matches; try part of the name or of the frame number.'
          : 'The fleet is empty: add the first machine above, with what stands on its plate. Jobs, values and re-checks hang on it.'}
      </p>
    {/if}
    {#if machines.length >= MOST}
      <p class="soft">
        These are the first {MOST}; type more of a name, model, year, frame number or place to see
        fewer.
      </p>
    {/if}
    {#if machines.length}
      <p>
        <a href="/api/sheets/of-MACHINES.csv?q={encodeURIComponent(q)}" download>
          These as a sheet (CSV)
        </a>
      </p>
    {/if}
    {#each groups(machines) as group (group.kind)}
      <h2>{KINDS[group.kind]}</h2>
      <ul>
        {#each group.machines as m (m.id)}
          <li>
            <a href="/machines/{m.id}">
              <strong>{m.name}</strong>
              <span
                >{m.make}
                {m.model}
                <span class="soft">{[m.modelYear, m.variant].filter(Boolean).join(', ')}</span
                ></span
              >
              <span class="soft frame">{m.registration || m.frameNumber}</span>
              <span class="soft"
                >{m.retiredAt
                  ? 'retired'
                  : m.mergedInto
                    ? 'one with another'
                    : [m.note, m.owner].filter(Boolean).join(', ')}</span
              >
              <span class="figure meter">
                {#if m.meter !== 'NONE'}
                  {m.meterFigure === undefined ? '–' : thousands(m.meterFigure)}
                  <span class="soft">{sign(m.meter)}</span>
                {/if}
              </span>
            </a>
          </li>
        {/each}
      </ul>
    {/each}
  {/snippet}
</Search>

<style>
  summary {
    cursor: pointer;
    color: var(--copper);
    min-height: 2.5rem;
    line-height: 2.5rem;
    width: fit-content;
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
