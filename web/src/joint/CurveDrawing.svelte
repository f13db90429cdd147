<script lang="ts">
  import { curveScale, type CurvePoint } from './curve';
  import { plain, type Unit } from './figures';

  interface Props {
    points: CurvePoint[];
    band?: { minNm: number; maxNm: number } | undefined;
    settingNm?: number | undefined;
    unit: Unit;
    bad?: boolean;
  }
  let { points, band, settingNm, unit, bad = false }: Props = $props();
  const s = $derived(curveScale(points, band?.maxNm ?? settingNm ?? 0, unit.newtonMetres));
  const peak = $derived(Math.max(0, ...points.map((p) => p.torqueNm)));
  const end = $derived(points.at(-1));
  const words = $derived(
    end
      ? `up to ${plain(peak / unit.newtonMetres)} ${unit.sign} over ${Math.round(end.angleDeg)} degrees`
      : 'nothing read yet',
  );
</script>

<svg viewBox="0 0 {s.width} {s.height}" role="img" aria-label="Torque over angle: {words}">
  {#if band}
    <rect
      x={s.left}
      y={s.y(band.maxNm)}
      width={s.width - s.left - 6}
      height={Math.max(s.y(band.minNm) - s.y(band.maxNm), 2)}
      class="band"
    />
  {/if}
  <path class="axis" d="M{s.left} 4V{s.base}H{s.width - 4}" />
  {#each s.torques as t (t.text)}
    <path class="axis" d="M{s.left - 3} {s.y(t.nm)}h3" />
    <text x={s.left - 5} y={s.y(t.nm) + 3.5} text-anchor="end">{t.text}</text>
  {/each}
  {#each s.degrees as d (d)}
    <path class="axis" d="M{s.x(d)} {s.base}v3" />
    <text x={s.x(d)} y={s.base + 13} text-anchor="middle">{d}°</text>
  {/each}
  {#if settingNm !== undefined}
    <path class="setting" d="M{s.left} {s.y(settingNm)}H{s.width - 6}" />
  {/if}
  {#if s.path}<path class="curve" class:bad d={s.path} />{/if}
  {#if end}<circle class="end" class:bad cx={s.x(end.angleDeg)} cy={s.y(end.torqueNm)} r="3" />{/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 32rem;
    height: 100%;
  }
  text {
    font-size: 10px;
    fill: var(--ink-soft);
    font-variant-numeric: tabular-nums;
  }
  .axis {
    stroke: var(--ink-soft);
    stroke-width: 0.75;
    fill: none;
  }
  .band {
    fill: var(--copper-wash);
    stroke: var(--copper);
    stroke-width: 0.75;
  }
  .setting {
    stroke: var(--ink-soft);
    stroke-width: 0.75;
    stroke-dasharray: 4 3;
  }
  .curve {
    stroke: var(--copper);
    stroke-width: 2;
    stroke-linejoin: round;
    fill: none;
  }
  .end {
    fill: var(--copper);
  }
  .curve.bad {
    stroke: var(--bad);
  }
  .end.bad {
    fill: var(--bad);
  }
</style>
