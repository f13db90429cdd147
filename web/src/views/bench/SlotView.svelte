<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { inUnit, plain } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';

  interface Props {
    state: Schemas['RunState'];
    step: Schemas['RunStep'];
  }
  let { state, step }: Props = $props();
  const due = $derived(state.shown?.dueSlot);
  const pending = $derived(state.pending?.event.said);
  const said = $derived(pending?.kind === 'SLOT_AHEAD' ? pending : undefined);
  const turnDeg = $derived(due?.turnDeg ?? 0);
  const there = $derived(state.pending?.torqueNm);
  const stated = $derived(said?.nmPerDegree || undefined);
  const rises = $derived(
    stated ??
      (due?.nmPerDegree === undefined ? undefined : plain(Math.round(due.nmPerDegree * 100) / 100)),
  );
  const beyond = $derived(state.pending?.deviation === true);
  const inWords = (nm: number) => `${inUnit(nm, reading.unit)} ${reading.unit.sign}`;
</script>

<p class="set" class:beyond>
  {#if said === undefined}
    <span class="words">How far is the next slot?</span>
  {:else if there === undefined}
    <span class="digits figure">{plain(turnDeg)}°</span>
    <span class="unit">further</span>
  {:else}
    <span class="unit">about</span>
    <span class="digits figure">{inUnit(there, reading.unit)}</span>
    <span class="unit">{reading.unit.sign} there</span>
  {/if}
</p>
<dl>
  {#if due?.torqueNowNm !== undefined}
    <div>
      <dt>Pulled to</dt>
      <dd class="figure">{inWords(due.torqueNowNm)}</dd>
    </div>
  {/if}
  {#if said && there !== undefined}
    <div>
      <dt>Further</dt>
      <dd class="figure">{plain(turnDeg)}°</dd>
    </div>
  {/if}
  {#if rises !== undefined}
    <div>
      <dt>{stated === undefined ? 'Rises, by the curve of its pull' : 'Rises, as typed'}</dt>
      <dd class="figure">{rises} N·m per degree</dd>
    </div>
  {/if}
  {#if step.band}
    <div>
      <dt>Most it may carry</dt>
      <dd class="figure" class:beyond>{inWords(step.band.maxNm)}</dd>
    </div>
  {/if}
  {#if step.order.length > 1}
    <div>
      <dt>Nut</dt>
      <dd class="figure">{state.nextFastener} of {step.order.length}</dd>
    </div>
  {/if}
</dl>
<p class="text">{step.text}</p>

<style>
  .set {
    line-height: 1.1;
    margin: 0.25rem 0;
  }
  .words {
    font-size: clamp(1.75rem, 3.4vw, 2.5rem);
  }
  .digits {
    font-size: clamp(3.5rem, 8vw, 6rem);
    font-weight: 600;
    letter-spacing: -0.03em;
    color: var(--copper);
  }
  .set.beyond .digits,
  dd.beyond {
    color: var(--bad);
  }
  .unit {
    font-size: 1.75rem;
    color: var(--ink-soft);
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem 2rem;
    margin: 0.5rem 0;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  dd {
    font-size: 1.125rem;
  }
  .text {
    font-size: 1.125rem;
  }
</style>
