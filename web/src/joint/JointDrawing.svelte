<script lang="ts">
  import type { Schemas } from '../api/client';

  interface Props {
    layout: Schemas['RunJoint']['layout'];
    positions: Schemas['FastenerPosition'][];
    order?: number[];
    current?: number;
    done?: number[];
    /** Of those done, what moved when it was tried. */
    moved?: number[];
    percents?: Record<string, number>;
    /** Clamp load of each as a share of the largest, 0 to 1: drawn as the thickness of its ring. */
    loads?: Record<string, number>;
    title: string;
    leftHand?: boolean;
  }
  let {
    layout,
    positions,
    order = [],
    current,
    done = [],
    moved = [],
    percents = {},
    loads,
    title,
    leftHand = false,
  }: Props = $props();

  const id = $props.id();
  const reach = $derived(loads ? 60 : layout === 'ROW' || layout === 'PINCH' ? 62 : 68);
  const radius = $derived(positions.length > 8 ? 12 : 18);
  const at = (n: number) => positions.find((p) => p.number === n) ?? { number: n, x: 0, y: 0 };
  const px = (n: number) => at(n).x * reach * (layout === 'FACEPLATE' ? 0.78 : 1);
  const py = (n: number) => at(n).y * reach * (layout === 'FACEPLATE' ? 0.62 : 1);
  const path = $derived(order.map((n, i) => `${i ? 'L' : 'M'}${px(n)} ${py(n)}`).join(''));
  const level = $derived((n: number) => percents[String(n)] ?? 0);
  const THICKEST = 9;
  const share = $derived((n: number) => loads?.[String(n)] ?? 0);
  const words = $derived(
    `${title}: ${positions.length} ${positions.length === 1 ? 'fastener' : 'fasteners'}` +
      (order.length > 1 ? `, order ${order.join(', ')}` : '') +
      (current ? `; now ${current}` : '') +
      (loads
        ? `; clamp load ${positions.map((p) => `${p.number}: ${Math.round(share(p.number) * 100)} %`).join(', ')}`
        : '') +
      (done.length ? `; done ${done.join(', ')}` : '') +
      (moved.length ? `; moved ${moved.join(', ')}` : ''),
  );
</script>

<svg viewBox="-104 -104 208 208" role="img" aria-label={words}>
  <defs>
    {#each positions as p (p.number)}
      <clipPath id="{id}-{p.number}">
        <rect
          x={px(p.number) - radius}
          y={py(p.number) + radius - (2 * radius * level(p.number)) / 100}
          width={2 * radius}
          height={2 * radius}
        />
      </clipPath>
    {/each}
  </defs>
  {#if layout === 'CIRCLE'}
    <circle r="98" class="plate" />
    {#if positions.length > 1}<circle r={reach} class="centre" />{/if}
    <path d="M-104 0H104M0 -104V104" class="centre" />
  {:else if layout === 'FACEPLATE'}
    <rect x="-84" y="-76" width="168" height="152" rx="14" class="plate" />
    <circle r="30" class="plate" />
    <path d="M-100 0H100M0 -92V92" class="centre" />
  {:else if layout === 'ROW'}
    <rect x="-98" y="-36" width="196" height="72" rx="6" class="plate" />
    <path d="M-104 0H104" class="centre" />
  {:else}
    <rect x="-44" y="-96" width="88" height="192" rx="6" class="plate" />
    <path d="M22 -96V96" class="plate" />
    <path d="M0 -104V104" class="centre" />
  {/if}
  {#if order.length > 1}<path d={path} class="path" />{/if}
  {#each positions as p (p.number)}
    {@const now = p.number === current}
    {@const ready = done.includes(p.number)}
    <g>
      <circle cx={px(p.number)} cy={py(p.number)} r={radius} class="head" />
      <circle
        cx={px(p.number)}
        cy={py(p.number)}
        r={radius}
        class="fill"
        clip-path="url(#{id}-{p.number})"
      />
      <circle cx={px(p.number)} cy={py(p.number)} r={radius} class="rim" class:ready class:now />
      {#if loads}
        <circle
          cx={px(p.number)}
          cy={py(p.number)}
          r={radius + 2 + (THICKEST * share(p.number)) / 2}
          class="load"
          stroke-width={THICKEST * share(p.number)}
        />
      {/if}
      {#if now}
        <path
          d="M{px(p.number) - radius - 9} {py(p.number)}h7m{2 * radius + 4} 0h7M{px(p.number)} {py(
            p.number,
          ) -
            radius -
            9}v7m0 {2 * radius + 4}v7"
          class="cross"
        />
        <path
          d={leftHand
            ? `M${px(p.number) + radius * 0.9} ${py(p.number) - radius - 2}a${radius + 8} ${radius + 8} 0 0 0 -${radius * 1.8} 0l-1 -6m1 6l6 -1`
            : `M${px(p.number) - radius * 0.9} ${py(p.number) - radius - 2}a${radius + 8} ${radius + 8} 0 0 1 ${radius * 1.8} 0l1 -6m-1 6l-6 -1`}
          class="cross"
        />
      {/if}
      <text x={px(p.number)} y={py(p.number)} class:now dominant-baseline="central">
        {p.number}
      </text>
      {#if moved.includes(p.number)}
        <path
          d="M{px(p.number) + radius * 0.95} {py(p.number) + radius * 0.3}v9m0 3v2.5"
          class="bad"
        />
      {:else if ready}
        <path
          d="M{px(p.number) + radius * 0.55} {py(p.number) + radius * 0.75}l4 4l7 -8"
          class="tick"
        />
      {/if}
    </g>
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
  .plate {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .centre {
    fill: none;
    stroke: var(--hairline);
    stroke-width: 0.7;
    stroke-dasharray: 9 3 2 3;
  }
  .path {
    fill: none;
    stroke: var(--hairline);
    stroke-width: 1;
  }
  .head {
    fill: var(--ground);
  }
  .fill {
    fill: var(--copper-wash);
  }
  .rim {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.3;
  }
  .rim.ready {
    stroke-width: 2.6;
  }
  .rim.now {
    stroke: var(--copper);
    stroke-width: 3;
  }
  .load {
    fill: none;
    stroke: var(--copper);
  }
  .cross {
    fill: none;
    stroke: var(--copper);
    stroke-width: 1.6;
  }
  .bad {
    fill: none;
    stroke: var(--bad);
    stroke-width: 3.2;
  }
  .tick {
    fill: none;
    stroke: var(--good);
    stroke-width: 2.6;
  }
  text {
    fill: var(--ink);
    font-size: 16px;
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }
  text.now {
    font-weight: 600;
  }
</style>
