<script lang="ts">
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import CurveDrawing from '../../joint/CurveDrawing.svelte';
  import { pointsOf } from '../../joint/curve';
  import { inUnit } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';

  let { entry: e }: { entry: Schemas['Entry'] } = $props();
  const said = $derived(e.event.said);
  const reason = $derived('reason' in said ? said.reason : undefined);
  const limit = $derived('limit' in said ? said.limit : undefined);
  const curve = $derived('curve' in said ? said.curve : undefined);
  const figure = $derived(
    e.shown ??
      (e.torqueNm === undefined ? '' : `${inUnit(e.torqueNm, reading.unit)} ${reading.unit.sign}`),
  );
  /** What a nut comes to at its slot is estimated, never read. */
  const there = $derived(
    said.kind === 'SLOT_AHEAD' && e.torqueNm !== undefined && said.turnDeg !== '0'
      ? `about ${inUnit(e.torqueNm, reading.unit)} ${reading.unit.sign} there`
      : undefined,
  );
  const outside = $derived(e.deviation === true);
  const WARNS: Schemas['RunEvent']['said']['kind'][] = [
    'SLACKENED',
    'BEGUN_AGAIN',
    'LEFT',
    'AMENDED',
  ];
</script>

<span class="entry">
  {#if e.notCounted}
    <Misuse size={16} /><span>not counted: {e.notCounted}</span>
  {:else}
    {#if e.verdict === 'BAD'}
      <Misuse size={16} class="bad" />
    {:else if outside}
      <WarningAlt size={16} class="bad" />
    {:else if WARNS.includes(said.kind)}
      <WarningAlt size={16} class="warn" />
    {:else if e.verdict === 'MOVED'}
      <WarningAlt size={16} class="warn" />
    {:else if e.verdict}
      <CheckmarkOutline size={16} class="good" />
    {:else}<span></span>{/if}
    <span>
      {e.words.said}
      {#if said.kind === 'MOVED'}{figure}{:else if figure}<strong class="figure">{figure}</strong
        >{/if}
      {#if there}<span class="figure">{there}</span>{/if}
      {#if limit}<span class="soft figure">limit on the part {limit}</span>{/if}
      {#if e.words.came}<span class:bad={outside}>{e.words.came}</span>{/if}
      {#if e.curve}<span class="bad">{e.curve.words}</span>{/if}
      {#if curve}
        <details>
          <summary>Curve</summary>
          <CurveDrawing points={pointsOf(curve)} unit={reading.unit} bad={e.curve !== undefined} />
        </details>
      {/if}
      {#if e.event.witness}by {e.event.witness.name}{/if}
      {#if reason}“{reason}”{/if}
      {#if e.acceptedReason}<span class="soft">let stand: {e.acceptedReason}</span>{/if}
      {#if e.correctedBy}<span class="soft">corrected by a later entry</span>{/if}
    </span>
  {/if}
</span>

<style>
  .entry {
    display: grid;
    grid-template-columns: 1rem 1fr;
    gap: 0.5rem;
    align-items: center;
  }
  summary {
    cursor: pointer;
    color: var(--copper);
    line-height: 3.5rem;
    padding: 0 0.75rem;
  }
  details {
    display: inline-block;
    vertical-align: top;
  }
  details[open] {
    display: block;
  }
  .entry :global(svg.bad) {
    fill: var(--bad);
  }
  .entry :global(svg.warn) {
    fill: var(--warn);
  }
  .entry :global(svg.good) {
    fill: var(--good);
  }
</style>
