<script lang="ts">
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import CurveDrawing from '../../joint/CurveDrawing.svelte';
  import { pointsOf } from '../../joint/curve';
  import { inUnit, plain } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';

  let { entry: e }: { entry: Schemas['Entry'] } = $props();
  const KIND: Record<Schemas['RunEvent']['kind'], string> = {
    DONE: 'done',
    MEASURED: 'found',
    FOUND: 'found',
    REPLACED: 'replaced',
    LEFT: 'left as it is',
    SLACKENED: 'slackened, begun again',
    BEGUN_AGAIN: 'joint begun again from its first pass',
    AMENDED: 'another tool taken up',
    CLICKED: 'clicked at setting',
    READING: 'read',
    HELD: 'nothing moved',
    MOVED: 'moved',
    SLOT_AHEAD: 'next slot',
    HOLDS: 'it holds',
    SLIPS: 'it slips',
    DEVIATION_ACCEPTED: 'let stand',
    CORRECTION: 'corrects an earlier entry',
    SECOND_LOOK: 'second look',
    NOTE: 'note',
    SIGNED_OFF: 'signed off',
  };
  const figure = $derived(
    e.shown ??
      (e.torqueNm === undefined ? '' : `${inUnit(e.torqueNm, reading.unit)} ${reading.unit.sign}`),
  );
  /** What a nut comes to at its slot is estimated, never read. */
  const there = $derived(
    e.event.slot && e.torqueNm !== undefined && !e.event.slot.aligned
      ? `about ${inUnit(e.torqueNm, reading.unit)} ${reading.unit.sign} there`
      : undefined,
  );
  const outside = $derived(e.deviation === true);
  const FINDING: Partial<Record<NonNullable<Schemas['Entry']['verdict']>, string>> = {
    GOOD: 'as it should be',
    BAD: 'not as it should be',
    PUT_RIGHT: 'put right',
  };
  const verdictWords = $derived(
    outside && e.event.slot
      ? 'more than it may carry'
      : outside && e.verdict !== 'BAD'
        ? `${e.verdict === 'ABOVE' ? 'above' : 'below'} the ${e.torqueNm === undefined ? 'limit' : 'band'}`
        : e.event.kind === 'FOUND' && e.verdict
          ? FINDING[e.verdict]
          : undefined,
  );
</script>

<span class="entry">
  {#if e.notCounted}
    <Misuse size={16} /><span>not counted: {e.notCounted}</span>
  {:else}
    {#if e.verdict === 'BAD'}
      <Misuse size={16} class="bad" />
    {:else if outside}
      <WarningAlt size={16} class="bad" />
    {:else if e.event.kind === 'SLACKENED' || e.event.kind === 'BEGUN_AGAIN' || e.event.kind === 'LEFT' || e.event.kind === 'AMENDED'}
      <WarningAlt size={16} class="warn" />
    {:else if e.verdict === 'MOVED'}
      <WarningAlt size={16} class="warn" />
    {:else if e.verdict}
      <CheckmarkOutline size={16} class="good" />
    {:else}<span></span>{/if}
    <span>
      {KIND[e.event.kind]}
      {#if e.event.moved}{figure}{:else if figure}<strong class="figure">{figure}</strong>{/if}
      {#if there}<span class="figure">{there}</span>{/if}
      {#if e.event.limit !== undefined}<span class="soft figure"
          >limit on the part {plain(e.event.limit)}</span
        >{/if}
      {#if verdictWords}<span class:bad={outside}>{verdictWords}</span>{/if}
      {#if e.curve}<span class="bad">{e.curve.words}</span>{/if}
      {#if e.event.curve}
        <details>
          <summary>Curve</summary>
          <CurveDrawing
            points={pointsOf(e.event.curve)}
            unit={reading.unit}
            bad={e.curve !== undefined}
          />
        </details>
      {/if}
      {#if e.event.witness}by {e.event.witness.name}{/if}
      {#if e.event.reason}“{e.event.reason}”{/if}
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
