<script lang="ts">
  import { forRoom, inWords, place, type Drawing } from './drawing';

  interface Props {
    drawing: Drawing;
    /** What is drawn, for those who do not see it. */
    what: string;
  }
  let { drawing, what }: Props = $props();
  const id = $props.id();
  const HIGHEST_PX = 300;
  const NARROWEST_PX = 240;
  let room = $state(640);
  const wide = $derived(Math.max(room, NARROWEST_PX));
  const lying = $derived(forRoom(drawing, wide));
  const p = $derived(place(lying, wide, HIGHEST_PX));
  const x = (mm: number) => p.left + mm * p.scale;
  const y = (mm: number) => p.top + mm * p.scale;
  const path = (points: [number, number][]) =>
    points.map(([a, b], i) => `${i ? 'L' : 'M'}${x(a)} ${y(b)}`).join('');
</script>

<div bind:clientWidth={room}>
  <svg
    viewBox="0 0 {p.width} {p.height}"
    width={p.width}
    height={p.height}
    role="img"
    aria-label="{what}: {inWords(drawing)}"
  >
    <defs>
      <pattern id="{id}-cut" width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M-1 7L7 -1M-1 1L1 -1M5 7L7 5" class="hatch" />
      </pattern>
    </defs>
    {#each lying.boxes as b, i (i)}
      <rect
        x={x(b.x)}
        y={y(b.y)}
        width={Math.max(b.w * p.scale, 0.5)}
        height={Math.max(b.h * p.scale, 0.5)}
        class={b.paint}
      />
      {#if b.paint === 'part' || b.paint === 'spacer'}
        <rect
          x={x(b.x)}
          y={y(b.y)}
          width={Math.max(b.w * p.scale, 0.5)}
          height={Math.max(b.h * p.scale, 0.5)}
          class="cut"
          style:fill="url(#{id}-cut)"
        />
      {/if}
    {/each}
    {#each lying.rings ?? [] as r, i (i)}
      <circle cx={x(r.x)} cy={y(r.y)} r={r.r * p.scale} class="ring {r.kind}" />
    {/each}
    {#each lying.lines ?? [] as l, i (i)}
      <path d={path(l.points)} class="line {l.kind}" />
    {/each}
    {#each lying.notes ?? [] as n, i (i)}
      <text x={x(n.x)} y={y(n.y)} class="note">{n.text}</text>
    {/each}
    {#each p.below as d, i (i)}
      {@const level = p.lanesBelow[d.lane] ?? 0}
      {@const from = x(d.dim.from)}
      {@const to = x(d.dim.to)}
      <g class:fails={d.dim.fails}>
        <path
          class="lead"
          d="M{from} {y(d.dim.at) + 3}V{level + 4}M{to} {y(d.dim.at) + 3}V{level + 4}"
        />
        <path
          class="size"
          d="M{from} {level}H{to}M{from - 3} {level + 3}l6 -6M{to - 3} {level + 3}l6 -6"
        />
      </g>
    {/each}
    {#each p.beside as d, i (i)}
      {@const across = p.lanesBeside[d.lane] ?? 0}
      {@const from = y(d.dim.from)}
      {@const to = y(d.dim.to)}
      <g class:fails={d.dim.fails}>
        <path
          class="lead"
          d="M{x(d.dim.at) + 3} {from}H{across + 4}M{x(d.dim.at) + 3} {to}H{across + 4}"
        />
        <path
          class="size"
          d="M{across} {from}V{to}M{across - 3} {from + 3}l6 -6M{across - 3} {to + 3}l6 -6"
        />
      </g>
    {/each}
    {#each p.below as d, i (i)}
      <text
        x={x((d.dim.from + d.dim.to) / 2)}
        y={(p.lanesBelow[d.lane] ?? 0) + 13}
        class="middle"
        class:failing={d.dim.fails}>{d.dim.label}</text
      >
    {/each}
    {#each p.beside as d, i (i)}
      <text
        x={(p.lanesBeside[d.lane] ?? 0) + 6}
        y={y((d.dim.from + d.dim.to) / 2) + 4}
        class:failing={d.dim.fails}>{d.dim.label}</text
      >
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
    height: auto;
  }
  text {
    font-size: 12px;
    fill: var(--ink);
    font-variant-numeric: tabular-nums;
    paint-order: stroke;
    stroke: var(--ground);
    stroke-width: 3px;
    stroke-linejoin: round;
  }
  text.middle {
    text-anchor: middle;
  }
  text.note {
    fill: var(--ink-soft);
    font-size: 11px;
    text-anchor: middle;
  }
  rect {
    stroke: var(--ink);
    stroke-width: 1;
    fill: none;
  }
  rect.part {
    fill: var(--raised);
  }
  rect.spacer {
    fill: var(--copper-wash);
    stroke: var(--copper);
  }
  rect.cut {
    stroke: none;
  }
  .hatch {
    stroke: var(--hatch);
    stroke-width: 0.6;
    fill: none;
  }
  rect.tube {
    fill: var(--ground);
  }
  rect.worked {
    fill: none;
    stroke: var(--copper);
    stroke-width: 2;
  }
  rect.ghost {
    stroke: var(--hairline);
    stroke-dasharray: 4 3;
  }
  rect.thread {
    fill: none;
    stroke-dasharray: 1 2;
  }
  rect.room {
    fill: var(--copper-wash);
    stroke: var(--hairline);
    stroke-dasharray: 2 2;
  }
  .line,
  .ring {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.25;
  }
  .line.axis {
    stroke: var(--ink-soft);
    stroke-width: 0.75;
    stroke-dasharray: 10 3 2 3;
  }
  .line.ground {
    stroke-width: 1;
    stroke: var(--hatch);
  }
  .line.ghost,
  .ring.ghost {
    stroke: var(--hatch);
    stroke-dasharray: 4 3;
  }
  .line.worked,
  .ring.worked {
    stroke: var(--copper);
    stroke-width: 2;
  }
  .lead {
    stroke: var(--hairline);
    stroke-width: 0.75;
  }
  .size {
    stroke: var(--ink);
    stroke-width: 1;
    fill: none;
  }
  .fails .size {
    stroke: var(--bad);
    stroke-width: 3;
  }
  text.failing {
    fill: var(--bad);
    font-weight: 700;
  }
</style>
