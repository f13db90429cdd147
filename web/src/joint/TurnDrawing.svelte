<script lang="ts">
  import type { Place } from '../run/dial.svelte';

  interface Props {
    places: Place[];
    /** Most that it may run out, mm. */
    limitMm?: number | undefined;
  }
  let { places, limitMm }: Props = $props();
  const W = 320;
  const H = 120;
  const LEFT = 8;
  const ROUND = 370;
  const x = (deg: number) => LEFT + (deg / ROUND) * (W - 2 * LEFT);
  const readings = $derived(places.map((p) => p.readingMm));
  const low = $derived(Math.min(0, ...readings));
  const high = $derived(Math.max(0, ...readings));
  const half = $derived(Math.max(high - low, limitMm ?? 0, 0.02) * 0.65);
  const middle = $derived((low + high) / 2);
  const y = (mm: number) => H / 2 - ((mm - middle) / half) * (H / 2 - 8);
  const line = $derived(
    places.map((p) => `${x(p.angleDeg).toFixed(1)},${y(p.readingMm).toFixed(1)}`).join(' '),
  );
  const last = $derived(places.at(-1));
</script>

<svg viewBox="0 0 {W} {H}" role="img" aria-label="Reading over one turn">
  {#if limitMm !== undefined && places.length}
    <rect
      class="band"
      x={LEFT}
      width={W - 2 * LEFT}
      y={y(middle + limitMm / 2)}
      height={Math.max(0, y(middle - limitMm / 2) - y(middle + limitMm / 2))}
    />
  {/if}
  {#each [0, 90, 180, 270, 360] as deg (deg)}
    <line class="hair" x1={x(deg)} x2={x(deg)} y1="4" y2={H - 14} />
    <text x={x(deg)} y={H - 3} text-anchor={deg === 360 ? 'end' : deg ? 'middle' : 'start'}
      >{deg}°</text
    >
  {/each}
  {#if places.length}
    <line class="end" x1={LEFT} x2={W - LEFT} y1={y(high)} y2={y(high)} />
    <line class="end" x1={LEFT} x2={W - LEFT} y1={y(low)} y2={y(low)} />
    <polyline points={line} />
  {/if}
  {#if last}<circle cx={x(last.angleDeg)} cy={y(last.readingMm)} r="3" />{/if}
</svg>

<style>
  svg {
    width: 100%;
    height: 100%;
  }
  .band {
    fill: var(--copper);
    opacity: 0.18;
  }
  .hair {
    stroke: var(--hairline);
    stroke-width: 0.75;
  }
  .end {
    stroke: var(--ink-soft);
    stroke-width: 0.75;
    stroke-dasharray: 4 3;
  }
  polyline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  circle {
    fill: var(--copper);
  }
  text {
    font-size: 11px;
    fill: var(--ink-soft);
  }
</style>
