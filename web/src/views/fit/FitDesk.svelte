<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { Newest } from '../../api/newest';
  import { navigate, route } from '../../router';
  import { shown, type LengthUnit } from '../../ruler/lengths';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import Drawn from './Drawn.svelte';
  import FitField from './FitField.svelte';
  import FitOnPaper from './FitOnPaper.svelte';
  import Keep from './Keep.svelte';
  import Paper from './Paper.svelte';
  import Verdict from './Verdict.svelte';
  import type { Fit, FitState } from './fields';
  import { FITS } from './fits';
  import {
    addressOf,
    asked,
    cameFrom,
    fromQuery,
    inOtherUnit,
    placed,
    read,
    toQuery,
    toRequest,
  } from './state';

  let { fit, sizes }: { fit: Fit; sizes: Schemas['FitSizesResponse'] } = $props();

  const PAUSE_MS = 5;
  /** Writing the address costs as much as drawing, so it waits for a rest in typing. */
  const REST_MS = 250;
  /** What every answer of fit has. */
  type Answer = Pick<
    Schemas['SteererStackResponse'],
    'inShort' | 'fails' | 'reasons' | 'derivation'
  >;
  const begun = untrack(() => fromQuery(fit, window.location.search));
  let entered = $state<FitState>(begun.state);
  let unit = $state<LengthUnit>(begun.unit);
  let answer = $state.raw<Answer | null>(null);
  let messages = $state<Record<string, string>>({});
  let rest = $state<string[]>([]);
  let trouble = $state<Trouble | null>(null);
  let stale = $state(false);
  let reading = $state(0);
  let drawn = $state<HTMLElement>();
  let timer: ReturnType<typeof setTimeout>;
  let resting: ReturnType<typeof setTimeout> | undefined;
  const answers = new Newest();
  const offered = $derived(sizes.fits.find((f) => f.code === fit.code));
  const typed = $derived(read(fit, entered, unit, sizes.mmPerInch));
  const request = $derived(toRequest(fit, typed.values));
  const query = $derived(toQuery(fit, entered, unit));
  const say = (mm: number) => shown(mm, unit, sizes.mmPerInch);
  const fields = $derived(fit.fields.filter((f) => asked(f, entered)));
  const open = $derived(fields.filter((f) => !f.fold));
  const folds = $derived([...new Set(fields.flatMap((f) => f.fold ?? []))]);
  /** What it was opened from. */
  const { job, question, machine } = cameFrom(window.location.search);

  async function work() {
    if (Object.keys(typed.wrong).length) {
      answers.drop();
      messages = typed.wrong;
      rest = [];
      stale = answer !== null;
      return;
    }
    const path = `/api/compute/${fit.call}` as '/api/compute/steerer-stack';
    const body = request as Schemas['SteererStackRequest'];
    await answers.ask(
      () => ask(api.POST(path, { params: { query: { why: true } }, body })),
      (fresh) => {
        answer = fresh;
        messages = {};
        rest = [];
        trouble = null;
        stale = false;
      },
      (e) => {
        const caught = asTrouble(e);
        const told = placed(fit, caught.errors);
        messages = told.at;
        rest = told.rest;
        trouble = caught.errors.length ? null : caught;
        stale = answer !== null;
      },
    );
  }
  /** The job it was opened from stays in the address. */
  const address = () => addressOf(fit.call, query, { job, question, machine });
  function keepAddress() {
    clearTimeout(resting);
    resting = undefined;
    window.history.replaceState(window.history.state, '', address());
  }
  onDestroy(() => {
    clearTimeout(resting);
    clearTimeout(timer);
  });
  function changed() {
    clearTimeout(timer);
    clearTimeout(resting);
    resting = setTimeout(keepAddress, REST_MS);
    timer = setTimeout(() => void work(), PAUSE_MS);
  }
  function readIn(next: LengthUnit) {
    entered = inOtherUnit(fit, entered, unit, next, sizes.mmPerInch);
    unit = next;
    changed();
  }
  $effect(() => untrack(() => void work()));
  /** The browser's own keys may put another state into the address. */
  $effect(() => {
    if (route.search !== undefined) untrack(follow);
  });
  function follow() {
    const at = fromQuery(fit, window.location.search);
    if (toQuery(fit, at.state, at.unit) !== query && resting === undefined) {
      ({ state: entered, unit } = at);
      void work();
    }
  }
</script>

<svelte:head><title>{offered?.words ?? 'Fit'} · Unimetric</title></svelte:head>
<svelte:window onpopstate={follow} onpagehide={keepAddress} />
<div class="fit">
  <section class="set" aria-label="What was measured">
    <header>
      <p class="soft no-print"><a href="/fit">Fit desk</a></p>
      <h1>{offered?.words}</h1>
      <p class="soft">{fit.asks}</p>
    </header>
    <FitOnPaper {fields} {entered} {unit} address={address()} />
    <form
      class="no-print"
      onsubmit={(e) => e.preventDefault()}
      oninput={changed}
      onchange={changed}
      autocomplete="off"
    >
      <div class="wide no-print units" role="group" aria-label="Lengths in">
        {#each ['mm', 'in'] as const as u (u)}
          <button
            type="button"
            class="quiet"
            aria-pressed={unit === u}
            onclick={() => unit !== u && readIn(u)}>{u === 'mm' ? 'mm' : 'inch'}</button
          >
        {/each}
        <select
          aria-label="Another fit"
          value={fit.call}
          onchange={(e) => {
            e.stopPropagation();
            void navigate(`/fit/${e.currentTarget.value}` as '/fit/:call', {
              params: { call: e.currentTarget.value },
            });
          }}
        >
          {#each FITS as one (one.code)}
            <option value={one.call}>{sizes.fits.find((f) => f.code === one.code)?.words}</option>
          {/each}
        </select>
      </div>
      {#each open as field, i (field.key)}
        {#if field.group && field.group !== open[i - 1]?.group}
          <h2 class="wide group">{field.group}</h2>
        {/if}
        <FitField
          {field}
          bind:state={entered}
          {unit}
          {sizes}
          message={messages[field.key]}
          {changed}
          bind:reading
        />
      {/each}
      {#each folds as fold (fold)}
        {@const inside = fields.filter((f) => f.fold === fold)}
        <details class="wide" open={inside.some((f) => (entered[f.key] ?? '') !== (f.fresh ?? ''))}>
          <summary>{fold}</summary>
          <div class="two">
            {#each inside as field (field.key)}
              <FitField
                {field}
                bind:state={entered}
                {unit}
                {sizes}
                message={messages[field.key]}
                {changed}
                bind:reading
              />
            {/each}
          </div>
        </details>
      {/each}
    </form>
  </section>
  <section class="told" aria-label="What it comes to">
    {#if trouble}<TroubleNote {trouble} retry={changed} />{/if}
    {#each rest as words (words)}<p class="bad">{words}</p>{/each}
    <div bind:this={drawn} class="drawn">
      <Drawn
        {fit}
        what={offered?.words ?? ''}
        values={typed.values}
        {answer}
        fails={answer?.fails ?? []}
        {reading}
        {say}
      />
    </div>
    {#if answer}
      <Verdict
        verdict={answer.inShort}
        says={fit.says}
        reasons={answer.reasons}
        derivation={answer.derivation ?? []}
        {stale}
      />
    {/if}
  </section>
  <section class="after" aria-label="What is done with it">
    <Paper name={fit.call} drawn={() => drawn?.querySelector('svg')} />
    <p class="soft caution">
      The maker’s document for the exact part governs; this computes and records.
    </p>
    {#if answer && !stale}
      <Keep {fit} {query} {request} verdict={answer.inShort} {job} {question} {machine} />
    {/if}
  </section>
</div>

<style>
  .fit {
    display: grid;
    grid-template-columns: 22rem minmax(0, 1fr);
    grid-template-rows: auto 1fr;
    gap: 0 2.5rem;
    align-items: start;
  }
  .set {
    grid-row: 1 / span 2;
  }
  form,
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem 0.75rem;
    align-items: start;
  }
  form {
    margin-top: 0.5rem;
  }
  h1::first-letter,
  option::first-letter {
    text-transform: uppercase;
  }
  .wide {
    grid-column: 1 / -1;
  }
  .group {
    margin: 0.5rem 0 0;
  }
  .units {
    display: flex;
    gap: 0.75rem;
    align-items: center;
  }
  .units button {
    border-bottom-color: transparent;
    color: var(--ink-soft);
  }
  .units button[aria-pressed='true'] {
    border-bottom-color: var(--copper);
    color: var(--ink);
    font-weight: 600;
  }
  .units select {
    margin-left: auto;
    min-height: 2.5rem;
    max-width: 12rem;
    background: none;
    border: 0;
    color: var(--copper);
    font: inherit;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    line-height: 2.5rem;
    color: var(--copper);
  }
  .drawn {
    min-height: 3.5rem;
    margin-bottom: 0.75rem;
  }
  .caution {
    margin: 0.5rem 0;
  }
  @media print {
    .fit {
      display: block;
    }
  }
  @media (max-width: 900px) {
    .fit {
      grid-template-columns: minmax(0, 1fr);
    }
    /* What is drawn stands above what is typed, so that both are in sight. */
    .set {
      display: contents;
    }
    .told {
      order: 1;
      margin-top: 0.5rem;
    }
    form {
      order: 2;
    }
    .after {
      order: 3;
    }
  }
</style>
