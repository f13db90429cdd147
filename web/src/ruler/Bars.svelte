<script lang="ts" module>
  /** One bar: how much, in words too, and the room it should end in. */
  export interface Bar {
    name: string;
    value: number;
    words: string;
    room?: [number, number] | undefined;
    fails?: boolean;
  }
</script>

<script lang="ts">
  import { scaleLinear } from 'd3-scale';

  let { bars, what }: { bars: Bar[]; what: string } = $props();
  let wide = $state(560);
  const ROW = 34;
  const left = $derived(Math.min(150, wide * 0.3));
  const right = $derived(Math.min(170, wide * 0.34));
  const ends = $derived(bars.flatMap((b) => [0, b.value, ...(b.room ?? [])]));
  const x = $derived(
    scaleLinear()
      .domain([Math.min(...ends), Math.max(...ends, 1e-9)])
      .range([left, Math.max(wide - right, left + 20)]),
  );
</script>

<div bind:clientWidth={wide}>
  <svg
    width={wide}
    height={bars.length * ROW + 8}
    viewBox="0 0 {wide} {bars.length * ROW + 8}"
    role="img"
    aria-label="{what}: {bars.map((b) => `${b.name} ${b.words}`).join('; ')}"
  >
    <line x1={x(0)} x2={x(0)} y1="0" y2={bars.length * ROW + 4} class="axis" />
    {#each bars as b, i (i)}
      {@const y = i * ROW + ROW / 2}
      {#if b.room}
        <rect
          x={x(b.room[0])}
          width={x(b.room[1]) - x(b.room[0])}
          y={y - 11}
          height="22"
          class="room"
        />
      {/if}
      <text x="0" y={y + 4}>{b.name}</text>
      <g class:fails={b.fails}>
        <path d="M{x(0)} {y}H{x(b.value)}" class="bar" />
        <path d="M{x(b.value)} {y - 7}v14" class="end" />
        <text x={Math.max(x(b.value), x(0), x(b.room?.[1] ?? 0)) + 8} y={y + 4}>{b.words}</text>
      </g>
    {/each}
  </svg>
</div>

<style>
  div {
    width: 100%;
    overflow: hidden;
  }
  svg {
    display: block;
    max-width: 100%;
  }
  text {
    font-size: 12px;
    fill: var(--ink);
    font-variant-numeric: tabular-nums;
  }
  .axis {
    stroke: var(--ink);
  }
  .room {
    fill: var(--copper-wash);
  }
  .bar {
    stroke: var(--copper);
    stroke-width: 4;
  }
  .end {
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .fails .bar {
    stroke: var(--bad);
    stroke-width: 7;
  }
  .fails text {
    fill: var(--bad);
    font-weight: 700;
  }
</style>
