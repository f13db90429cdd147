<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { area, line } from 'd3-shape';
  import type { Schemas } from '../api/client';
  import { plain, type Unit } from './figures';

  interface Props {
    joint: Schemas['JointResponse'];
    torqueNm?: { min: number; max: number } | undefined;
    unit: Unit;
  }
  let { joint, torqueNm, unit }: Props = $props();

  const WIDTH = 560;
  const HEIGHT = 300;
  const LEFT = 46;
  const BOTTOM = 34;
  const TOP = 14;
  const RIGHT = 12;
  type Point = { readingNm: number; preloadN: number };
  const start = $derived<Point>({ readingNm: joint.clampsFromNm, preloadN: 0 });
  const ends = $derived(joint.yieldPoints);
  const right = $derived(Math.max(ends.max.readingNm, torqueNm?.max ?? 0) * 1.04);
  const high = $derived(
    Math.max(ends.min.preloadN, torqueNm ? (joint.preloadN?.max ?? 0) : 0, joint.floorN ?? 0) *
      1.06,
  );
  const x = $derived(
    scaleLinear()
      .domain([0, right])
      .range([LEFT, WIDTH - RIGHT]),
  );
  const y = $derived(
    scaleLinear()
      .domain([0, high])
      .range([HEIGHT - BOTTOM, TOP]),
  );
  const pen = $derived(
    line<Point>()
      .x((p) => x(p.readingNm))
      .y((p) => y(p.preloadN)),
  );
  /** Between the least and the greatest friction, up to where each yields. */
  const band = $derived.by(() => {
    const lower = (nm: number) =>
      nm <= ends.max.readingNm
        ? ((nm - start.readingNm) / (ends.max.readingNm - start.readingNm)) * ends.max.preloadN
        : ends.max.preloadN;
    const rows = [
      { nm: start.readingNm, low: 0, high: 0 },
      {
        nm: ends.min.readingNm,
        low: lower(ends.min.readingNm),
        high: ends.min.preloadN,
      },
      { nm: ends.max.readingNm, low: ends.max.preloadN, high: ends.max.preloadN },
    ];
    return (
      area<(typeof rows)[number]>()
        .x((r) => x(r.nm))
        .y0((r) => y(r.low))
        .y1((r) => y(r.high))(rows) ?? ''
    );
  });
  const middle = $derived(torqueNm ? (torqueNm.min + torqueNm.max) / 2 : undefined);
  const kN = (n: number) => plain(n / 1000);
</script>

<figure>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    role="img"
    aria-label="Clamp load over torque; the table below says the same"
  >
    <path d={band} class="band" />
    {#each y.ticks(5) as n (n)}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(n)} y2={y(n)} class="grid" />
      <text x={LEFT - 6} y={y(n)} class="left">{kN(n)}</text>
    {/each}
    <path d="M{LEFT} {TOP}V{HEIGHT - BOTTOM}H{WIDTH - RIGHT}" class="axis" />
    {#each x.ticks(7) as nm (nm)}
      <line x1={x(nm)} x2={x(nm)} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM + 5} class="axis" />
      <text x={x(nm)} y={HEIGHT - BOTTOM + 17} class="under">{plain(nm / unit.newtonMetres)}</text>
    {/each}
    <text x={LEFT} y={TOP - 4}>kN</text>
    <text x={WIDTH - RIGHT} y={HEIGHT - 3} class="end">{unit.sign}</text>
    <path d={pen([start, ends.min])} class="edge" />
    <path d={pen([start, ends.max])} class="edge" />
    <path d={pen([start, ends.nominal])} class="nominal" />
    {#each [ends.min, ends.nominal, ends.max] as p (p.readingNm)}
      <path d="M{x(p.readingNm) - 4} {y(p.preloadN) - 4}l8 8m0 -8l-8 8" class="axis" />
    {/each}
    <line
      x1={LEFT}
      x2={WIDTH - RIGHT}
      y1={y(joint.ceilingN)}
      y2={y(joint.ceilingN)}
      class="limit"
    />
    <text x={LEFT + 6} y={y(joint.ceilingN) - 4}>ceiling</text>
    {#if joint.floorN !== undefined}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(joint.floorN)} y2={y(joint.floorN)} class="limit" />
      <text x={WIDTH - RIGHT} y={y(joint.floorN) - 4} class="end">floor</text>
    {/if}
    {#if torqueNm && joint.preloadN && middle !== undefined}
      <rect
        x={x(torqueNm.min)}
        width={Math.max(x(torqueNm.max) - x(torqueNm.min), 1.5)}
        y={TOP}
        height={HEIGHT - BOTTOM - TOP}
        class="stated"
      />
      <path
        d="M{x(middle)} {y(joint.preloadN.min)}V{y(joint.preloadN.max)}m-6 0h12M{x(middle) - 6} {y(
          joint.preloadN.min,
        )}h12"
        class="reach"
      />
      <circle cx={x(middle)} cy={y(joint.preloadN.nominal)} r="5" class="dot" />
    {/if}
  </svg>
  <details>
    <summary>The plot as a table</summary>
    <table class="ledger">
      <thead>
        <tr>
          <th>Friction</th><th class="num">Yields at, {unit.sign}</th><th class="num">kN there</th>
        </tr>
      </thead>
      <tbody>
        {#each [['least', ends.min], ['usual', ends.nominal], ['greatest', ends.max]] as const as [name, p] (name)}
          <tr>
            <td>{name}</td>
            <td class="num">{plain(p.readingNm / unit.newtonMetres)}</td>
            <td class="num">{kN(p.preloadN)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </details>
</figure>

<style>
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  .band {
    fill: var(--copper-wash);
  }
  .grid {
    stroke: var(--hairline-soft);
    stroke-width: 0.6;
  }
  .axis {
    fill: none;
    stroke: var(--ink-soft);
    stroke-width: 1;
  }
  .edge {
    fill: none;
    stroke: var(--hairline);
    stroke-width: 1.2;
  }
  .nominal {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  .limit {
    stroke: var(--ink-soft);
    stroke-width: 1.2;
    stroke-dasharray: 9 3 2 3;
  }
  .stated {
    fill: var(--copper);
    opacity: 0.35;
  }
  .reach {
    fill: none;
    stroke: var(--copper);
    stroke-width: 2;
  }
  .dot {
    fill: var(--copper);
  }
  text {
    fill: var(--ink-soft);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
  }
  .left {
    text-anchor: end;
    dominant-baseline: central;
  }
  .under {
    text-anchor: middle;
  }
  .end {
    text-anchor: end;
  }
  summary {
    cursor: pointer;
    color: var(--copper);
    padding: 0.25rem 0;
    width: fit-content;
  }
</style>
