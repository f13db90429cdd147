<script lang="ts">
  import type { Schemas } from '../../api/client';
  import Choice from './Choice.svelte';
  import CurveDrawing from '../../joint/CurveDrawing.svelte';
  import { inUnit } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';
  import type { Wrench } from '../../run/wrench.svelte';

  let { wrench, step }: { wrench: Wrench; step: Schemas['RunStep'] } = $props();
  const now = $derived(wrench.points.at(-1));
</script>

<section aria-label="Simulated wrench">
  <div class="curve">
    <CurveDrawing
      points={wrench.points}
      band={step.band}
      settingNm={step.settingNm}
      unit={reading.unit}
    />
  </div>
  <p class="now">
    <span class="figure">{now ? inUnit(now.torqueNm, reading.unit) : '–'}</span>
    <span class="soft">{reading.unit.sign}</span>
    <span class="figure">{now ? Math.round(now.angleDeg) : '–'}</span><span class="soft">°</span>
    {#if now}
      <span class="soft of">fastener {wrench.fastener}</span>
    {/if}
  </p>
  {#if wrench.words}<p class="words" role="alert">{wrench.words}</p>{/if}
  <div class="how">
    <Choice
      label="Pulled"
      bind:value={wrench.speed}
      disabled={wrench.pulling}
      options={[
        ['8', 'slowly'],
        ['20', 'steadily'],
        ['60', 'fast'],
        ['180', 'with a jerk'],
      ]}
    />
    <Choice
      label="To practise"
      bind:value={wrench.fault}
      disabled={wrench.pulling}
      options={[
        ['NONE', 'nothing wrong'],
        ['CROSS_THREADED', 'crossed thread'],
        ['STRIPPED', 'thread that gives'],
        ['BOTTOMED', 'bolt that bottoms'],
        ['SETTLED', 'joint that has settled'],
        ['BATTERY', 'empty battery'],
        ['DROP_OUT', 'wrench not heard'],
      ]}
    />
  </div>
</section>

<style>
  .curve {
    height: min(9rem, 19vh);
  }
  .now {
    display: flex;
    gap: 0.375rem;
    align-items: baseline;
    font-size: 1rem;
  }
  .now .figure {
    font-size: 1.75rem;
  }
  .now .figure:nth-of-type(3) {
    margin-left: 1.5rem;
  }
  .of {
    margin-left: auto;
  }
  .words {
    font-size: 1.125rem;
    padding: 0.375rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
  .how {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
    max-width: 24rem;
  }
</style>
