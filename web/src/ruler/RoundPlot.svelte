<script lang="ts">
  import { lineRadial, curveLinearClosed } from 'd3-shape';

  interface Props {
    /** Readings round the turn, mm. */
    readings: number[];
    anglesDeg: number[];
    /** What the wave alone would read. */
    fitted?: number[] | undefined;
    /** A size to hold them against: a circle of its own. */
    against?: number | undefined;
    /** Where it is highest, deg. */
    highAtDeg?: number | undefined;
    /** Which place is being read. */
    at?: number | undefined;
    fails: boolean;
    say: (mm: number) => string;
    what: string;
  }
  let { readings, anglesDeg, fitted, against, highAtDeg, at, fails, say, what }: Props = $props();

  const SIZE = 300;
  const MIDDLE = SIZE / 2;
  const RADIUS = 88;
  const MOST_PX = 34;
  const LEAST_MM = 0.01;
  const turn = (deg: number) => (deg * Math.PI) / 180;
  const all = $derived([...readings, ...(against !== undefined ? [against] : [])]);
  const middle = $derived(all.length ? (Math.max(...all) + Math.min(...all)) / 2 : 0);
  const half = $derived(Math.max((Math.max(...all) - Math.min(...all)) / 2, LEAST_MM / 2));
  const times = $derived(Math.floor(MOST_PX / half));
  const r = (mm: number) => RADIUS + ((mm - middle) / half) * MOST_PX;
  const pen = lineRadial<[number, number]>()
    .angle(([deg]) => turn(deg))
    .radius(([, mm]) => r(mm))
    .curve(curveLinearClosed);
  const path = (figures: number[]) =>
    pen(figures.map((mm, i) => [anglesDeg[i] ?? 0, mm] as [number, number])) ?? '';
  const x = (deg: number, radius: number) => MIDDLE + radius * Math.sin(turn(deg));
  const y = (deg: number, radius: number) => MIDDLE - radius * Math.cos(turn(deg));
  const OUTSIDE = RADIUS + MOST_PX + 16;
  const few = $derived(readings.length > 12 ? Math.ceil(readings.length / 12) : 1);
</script>

<svg
  viewBox="0 0 {SIZE} {SIZE}"
  role="img"
  aria-label="{what}: {readings.map((mm, i) => `${anglesDeg[i]}° ${say(mm)}`).join(', ')}"
>
  <circle cx={MIDDLE} cy={MIDDLE} r={RADIUS * 0.42} class="hub" />
  <path d="M{MIDDLE - 8} {MIDDLE}h16M{MIDDLE} {MIDDLE - 8}v16" class="axis" />
  {#if against !== undefined}
    <circle cx={MIDDLE} cy={MIDDLE} r={r(against)} class="against" />
  {:else}
    <circle cx={MIDDLE} cy={MIDDLE} r={r(middle)} class="axis" />
  {/if}
  <g transform="translate({MIDDLE} {MIDDLE})">
    {#if fitted}<path d={path(fitted)} class="fitted" />{/if}
    <path d={path(readings)} class="read" class:fails />
  </g>
  {#each readings as mm, i (i)}
    {@const deg = anglesDeg[i] ?? 0}
    <circle cx={x(deg, r(mm))} cy={y(deg, r(mm))} r={i === at ? 5 : 2.5} class="dot" />
    {#if i % few === 0}
      <text x={x(deg, OUTSIDE)} y={y(deg, OUTSIDE) + 4}>{Number(deg.toFixed(0))}°</text>
    {/if}
  {/each}
  {#if highAtDeg !== undefined}
    <path
      d="M{x(highAtDeg, RADIUS * 0.45)} {y(highAtDeg, RADIUS * 0.45)}L{x(highAtDeg, RADIUS - 8)} {y(
        highAtDeg,
        RADIUS - 8,
      )}"
      class="high"
    />
  {/if}
</svg>
<p class="soft">Drawn {times} times as far from round.</p>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 24rem;
    height: auto;
  }
  text {
    font-size: 11px;
    fill: var(--ink);
    text-anchor: middle;
    font-variant-numeric: tabular-nums;
  }
  circle,
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1;
  }
  .hub {
    stroke: var(--hatch);
  }
  .axis {
    stroke: var(--hairline);
    stroke-dasharray: 8 3 2 3;
  }
  .against {
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .fitted {
    stroke: var(--ink-soft);
    stroke-dasharray: 5 3;
  }
  .read {
    stroke: var(--copper);
    stroke-width: 2;
  }
  .read.fails {
    stroke: var(--bad);
    stroke-width: 3;
  }
  .dot {
    fill: var(--ground);
    stroke: var(--ink);
  }
  .high {
    stroke: var(--ink);
    stroke-width: 2;
  }
</style>
