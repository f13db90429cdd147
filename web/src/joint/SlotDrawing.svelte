<script lang="ts">
  import type { Schemas } from '../api/client';
  import { arc, notch } from './slots';

  interface Props {
    nut: Schemas['Castellation'];
    /** How far the next slot is from the hole; unknown while nobody said. */
    turnDeg?: number | undefined;
    leftHand: boolean;
    /** Whether it may not go there. */
    beyond: boolean;
  }
  let { nut, turnDeg, leftHand, beyond }: Props = $props();
  const { slots, holes } = $derived(nut);
  /** Drawn somewhere between two slots while nobody said. */
  const ahead = $derived(turnDeg ?? 90 / Math.max(slots, 1));
  const words = $derived(
    turnDeg === undefined
      ? `Nut with ${slots} slots from its end, the hole lies between two of them`
      : turnDeg === 0
        ? `Nut with ${slots} slots from its end, one in line with the hole`
        : `Nut with ${slots} slots from its end, the next is ${turnDeg} degrees from the hole`,
  );
</script>

<svg viewBox="-60 -60 120 120" role="img" aria-label={words}>
  <g transform={leftHand ? 'scale(-1 1)' : undefined}>
    <circle class="nut" r="44" />
    {#each { length: slots }, k (k)}
      <path class="gap" class:next={k === 0} d={notch((k * 360) / slots - ahead)} />
    {/each}
    <circle class="bolt" r="22" />
    {#each { length: holes }, k (k)}
      <line class="hole" x1="0" y1="-22" x2="0" y2="22" transform="rotate({(k * 180) / holes})" />
    {/each}
    <line class="mark" x1="0" y1="-46" x2="0" y2="-57" />
    {#if ahead > 0}
      <path class="turn" class:beyond d={arc(ahead)} />
    {/if}
  </g>
  {#if turnDeg === undefined}<text x="0" y="4" class="what">?</text>{/if}
</svg>

<style>
  svg {
    width: 100%;
    height: 100%;
    display: block;
  }
  .nut {
    fill: var(--raised);
    stroke: var(--ink-soft);
    stroke-width: 2;
  }
  .gap {
    fill: var(--ground);
    stroke: var(--ink-soft);
    stroke-width: 1.5;
  }
  .gap.next {
    stroke: var(--copper);
    stroke-width: 2.5;
  }
  .bolt {
    fill: var(--ground);
    stroke: var(--ink-soft);
    stroke-width: 2;
  }
  .hole {
    stroke: var(--ink);
    stroke-width: 5;
    stroke-dasharray: 3 2;
  }
  .mark {
    stroke: var(--ink);
    stroke-width: 3;
  }
  .turn {
    fill: none;
    stroke: var(--copper);
    stroke-width: 4;
  }
  .turn.beyond {
    stroke: var(--bad);
  }
  .what {
    font-size: 22px;
    text-anchor: middle;
    dominant-baseline: middle;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--ground);
    stroke-width: 6;
  }
</style>
