<script lang="ts">
  import { scaleLinear, scaleUtc } from 'd3-scale';
  import { line } from 'd3-shape';
  import { day } from '../joint/figures';

  interface Props {
    readings: { at: string; value: number }[];
    /** How far apart they may lie. */
    limit?: number | undefined;
    fails: boolean;
  }
  let { readings, limit, fails }: Props = $props();
  const [MOST, HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [640, 240, 44, 30, 12, 20];
  let offered = $state(560);
  const wide = $derived(Math.min(offered, MOST));
  const dated = $derived(
    readings
      .map((r) => ({ at: new Date(r.at), value: r.value }))
      .filter((r) => !Number.isNaN(r.at.getTime()) && Number.isFinite(r.value)),
  );
  const values = $derived(dated.map((r) => r.value));
  const low = $derived(Math.min(...values));
  const high = $derived(Math.max(...values));
  const room = $derived(Math.max(limit ?? 0, high - low, 1) * 0.75);
  const middle = $derived((low + high) / 2);
  const x = $derived(
    scaleUtc()
      .domain([dated[0]?.at ?? new Date(), dated.at(-1)?.at ?? new Date()])
      .range([LEFT + 8, wide - RIGHT]),
  );
  const y = $derived(
    scaleLinear()
      .domain([middle - room, middle + room])
      .range([HEIGHT - BOTTOM, TOP]),
  );
  const short = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
  const pen = $derived(
    line<(typeof dated)[number]>()
      .x((r) => x(r.at))
      .y((r) => y(r.value)),
  );
</script>

{#if dated.length > 1}
  <div bind:clientWidth={offered}>
    <svg
      width={wide}
      height={HEIGHT}
      viewBox="0 0 {wide} {HEIGHT}"
      role="img"
      aria-label="Zero offset over time: {readings
        .map((r) => `${day(r.at)} ${r.value}`)
        .join(', ')}"
    >
      {#if limit !== undefined}
        <rect
          x={LEFT}
          width={wide - RIGHT - LEFT}
          y={y(middle + limit / 2)}
          height={y(middle - limit / 2) - y(middle + limit / 2)}
          class="room"
        />
      {/if}
      {#each y.ticks(5) as tick (tick)}
        <line x1={LEFT} x2={wide - RIGHT} y1={y(tick)} y2={y(tick)} class="grid" />
        <text x={LEFT - 6} y={y(tick) + 4} class="left">{tick}</text>
      {/each}
      <path d="M{LEFT} {TOP}V{HEIGHT - BOTTOM}H{wide - RIGHT}" class="axis" />
      {#each x.ticks(wide < 450 ? 3 : 5) as tick (tick.getTime())}
        <text x={x(tick)} y={HEIGHT - BOTTOM + 18} class="under">{short.format(tick)}</text>
      {/each}
      <path d={pen(dated)} class="read" class:fails />
      {#each dated as r, i (i)}<circle cx={x(r.at)} cy={y(r.value)} r="3.5" />{/each}
    </svg>
  </div>
{/if}

<style>
  svg {
    display: block;
    max-width: 100%;
  }
  text {
    font-size: 12px;
    fill: var(--ink-soft);
    font-variant-numeric: tabular-nums;
  }
  .left {
    text-anchor: end;
  }
  .under {
    text-anchor: middle;
  }
  .grid {
    stroke: var(--hairline-soft);
  }
  .axis {
    stroke: var(--ink);
    fill: none;
  }
  .room {
    fill: var(--copper-wash);
  }
  .read {
    fill: none;
    stroke: var(--copper);
    stroke-width: 2;
  }
  .read.fails {
    stroke: var(--bad);
    stroke-width: 3;
  }
  circle {
    fill: var(--ground);
    stroke: var(--ink);
  }
</style>
