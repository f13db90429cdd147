<script lang="ts">
  import { plain, type Unit } from './figures';
  import { railScale } from './rail';

  interface Reading {
    nm: number;
    outside: boolean;
  }
  interface Props {
    band?: { minNm: number; maxNm: number } | undefined;
    aimNm?: number;
    ceilingNm?: number | undefined;
    floorNm?: number | undefined;
    capNm?: number;
    tool?: { minNm: number; maxNm: number; name: string };
    readings?: Reading[];
    unit: Unit;
    size?: 'row' | 'large';
    zoom?: boolean;
  }
  let {
    band,
    aimNm,
    ceilingNm,
    floorNm,
    capNm,
    tool,
    readings = [],
    unit,
    size = 'row',
    zoom = false,
  }: Props = $props();

  const id = $props.id();
  const width = $derived(size === 'row' ? 240 : 640);
  const pad = $derived(size === 'row' ? 8 : 18);
  const height = $derived(size === 'row' ? 34 : 78);
  const line = $derived(size === 'row' ? 18 : 42);
  const scale = $derived(railScale(width - 2 * pad, zoom && band ? band : undefined));
  const x = $derived((nm: number) => pad + scale.x(nm));
  const words = $derived(
    [
      band
        ? `band ${plain(band.minNm / unit.newtonMetres)} to ${plain(band.maxNm / unit.newtonMetres)} ${unit.sign}`
        : 'no band',
      aimNm === undefined ? '' : `aim ${plain(aimNm / unit.newtonMetres)}`,
      floorNm === undefined ? '' : `floor ${plain(floorNm / unit.newtonMetres)}`,
      ceilingNm === undefined ? '' : `ceiling ${plain(ceilingNm / unit.newtonMetres)}`,
      tool ? `${tool.name} trusted ${plain(tool.minNm)} to ${plain(tool.maxNm)} N·m` : '',
    ]
      .filter(Boolean)
      .join(', '),
  );
</script>

<svg viewBox="0 0 {width} {height}" class={size} role="img" aria-label="Torque rail: {words}">
  <defs>
    <pattern
      id="{id}-hatch"
      width="5"
      height="5"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line y2="5" class="hatch" />
    </pattern>
  </defs>
  {#if ceilingNm !== undefined && ceilingNm < scale.to}
    <rect
      x={x(ceilingNm)}
      y={line - (size === 'row' ? 9 : 24)}
      width={width - pad - x(ceilingNm)}
      height={size === 'row' ? 9 : 24}
      fill="url(#{id}-hatch)"
    />
    <line
      x1={x(ceilingNm)}
      x2={x(ceilingNm)}
      y1={line - (size === 'row' ? 11 : 30)}
      y2={line}
      class="ceiling"
    />
    {#if size === 'large'}
      <text x={x(ceilingNm) + 4} y={line - 30} class="small">
        ceiling {plain(ceilingNm / unit.newtonMetres)}
      </text>
    {/if}
  {/if}
  {#if floorNm !== undefined && floorNm > scale.from}
    <rect
      x={pad}
      y={line - (size === 'row' ? 9 : 24)}
      width={Math.min(x(floorNm), width - pad) - pad}
      height={size === 'row' ? 9 : 24}
      fill="url(#{id}-hatch)"
    />
    <line
      x1={x(floorNm)}
      x2={x(floorNm)}
      y1={line - (size === 'row' ? 11 : 30)}
      y2={line}
      class="ceiling"
    />
    {#if size === 'large'}
      <text x={x(floorNm) - 4} y={line - 30} class="small before">
        floor {plain(floorNm / unit.newtonMetres)}
      </text>
    {/if}
  {/if}
  {#if tool}
    <line
      x1={x(tool.minNm)}
      x2={x(tool.maxNm)}
      y1={line + (size === 'row' ? 4 : 8)}
      y2={line + (size === 'row' ? 4 : 8)}
      class="tool"
    />
  {/if}
  <line x1={pad} x2={width - pad} y1={line} y2={line} class="scribe" />
  {#each scale.minor as nm (nm)}
    <line x1={x(nm)} x2={x(nm)} y1={line} y2={line - 2} class="scribe" />
  {/each}
  {#each scale.ticks as nm (nm)}
    <line x1={x(nm)} x2={x(nm)} y1={line} y2={line - (size === 'row' ? 4 : 8)} class="scribe" />
    {#if size === 'large' || nm === 1 || nm === 10 || nm === 100}
      <text x={x(nm)} y={height - 3} class="tick">{plain(nm / unit.newtonMetres)}</text>
    {/if}
  {/each}
  {#if scale.zoomed}
    <path d="M{pad} {line - 12}v24 M{width - pad} {line - 12}v24" class="break" />
  {/if}
  {#if band}
    <rect
      x={x(band.minNm)}
      y={line - (size === 'row' ? 6 : 16)}
      width={Math.max(x(band.maxNm) - x(band.minNm), 2)}
      height={size === 'row' ? 6 : 16}
      class="band"
    />
  {/if}
  {#if capNm !== undefined}
    <line x1={x(capNm)} x2={x(capNm)} y1={line - 12} y2={line + 4} class="cap" />
  {/if}
  {#if aimNm !== undefined}
    <path
      d="M{x(aimNm)} {line - 1}l-{size === 'row' ? 3.5 : 7} -{size === 'row' ? 9 : 20}h{size ===
      'row'
        ? 7
        : 14}z"
      class="aim"
    />
  {/if}
  {#each readings as r, i (i)}
    <line
      x1={x(r.nm)}
      x2={x(r.nm)}
      y1={line + 2}
      y2={line + (size === 'row' ? 10 : 20)}
      class={r.outside ? 'reading outside' : 'reading'}
    />
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  .row {
    max-width: 240px;
  }
  .scribe {
    stroke: var(--hairline);
  }
  .hatch {
    stroke: var(--hatch);
    stroke-width: 1.4;
  }
  .ceiling,
  .cap {
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .tool {
    stroke: var(--ink-soft);
    stroke-width: 3;
  }
  .break {
    stroke: var(--ink-soft);
    stroke-dasharray: 2 2;
  }
  .band {
    fill: var(--copper-wash);
    stroke: var(--copper);
  }
  .aim {
    fill: var(--copper);
  }
  .reading {
    stroke: var(--ink);
    stroke-width: 2;
  }
  .outside {
    stroke: var(--bad);
    stroke-width: 3;
  }
  text {
    fill: var(--ink-soft);
    font-size: 9px;
    font-variant-numeric: tabular-nums;
  }
  .large text {
    font-size: 13px;
  }
  .before {
    text-anchor: end;
  }
  .tick {
    text-anchor: middle;
  }
</style>
