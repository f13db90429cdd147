<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { inUnit, plain } from '../../joint/figures';
  import { railScale } from '../../joint/rail';
  import { reading } from '../../joint/unit.svelte';

  interface Props {
    tools: Schemas['ToolCard'][];
    coverage: Schemas['CoveragePage'];
  }
  let { tools, coverage }: Props = $props();
  const NAMES = 190;
  const WIDTH = 960;
  const PAD = 16;
  const ROW = 20;
  const unit = $derived(reading.unit);
  const scale = railScale(WIDTH - NAMES - 2 * PAD);
  const x = (nm: number) => NAMES + PAD + scale.x(nm);
  const rows = $derived([...tools].sort((a, b) => a.minNm - b.minNm || a.maxNm - b.maxNm));
  const line = $derived(24 + rows.length * ROW + 34);
  const height = $derived(line + 26);
  const gaps = $derived(coverage.needs.filter((n) => !n.covered));
  const tight = $derived(coverage.needs.filter((n) => n.tight));
  const good = (t: Schemas['ToolCard']) => t.inCalibration;
  const short = (name: string) => (name.length > 27 ? name.slice(0, 26) + '…' : name);
  const band = (n: { minNm: number; maxNm: number }) =>
    `${inUnit(n.minNm, unit)}–${inUnit(n.maxNm, unit)} ${unit.sign}`;
</script>

{#if coverage.needs.length === 0}
  <p class="soft">
    No open job asks for a torque yet. Once one is planned, its torques stand here as marks under
    the spans of the tools, and what no tool reaches is named.
  </p>
{:else}
  <p>
    {#if gaps.length === 0}
      <strong>All {coverage.covered} torques</strong> of the open jobs have a tool that may be used.
    {:else}
      <strong class="bad">{gaps.length} of {coverage.needs.length} torques</strong> of the open jobs
      have no tool that may be used.
      {#if coverage.advice}
        One tool of {band(coverage.advice)}{coverage.advice.leftHand
          ? ', rated for turning left-handed,'
          : ''}
        would close {coverage.advice.closes} of {coverage.advice.of}.
      {/if}
    {/if}
  </p>
  <div class="wide">
    <svg
      viewBox="0 0 {WIDTH} {height}"
      role="img"
      aria-label="Spans of {rows.length} tools over the torques of the open jobs; {gaps.length} without a tool"
    >
      {#each coverage.needs as need, i (i)}
        <rect
          x={x(need.minNm)}
          y="6"
          width={Math.max(x(need.maxNm) - x(need.minNm), 2)}
          height={line - 6}
          class={need.covered ? 'shade' : 'shade gap'}
        />
      {/each}
      {#each rows as tool, i (tool.id)}
        {@const y = 18 + i * ROW}
        <text x={NAMES} y={y + 4} class="name">{short(tool.typed.name)}</text>
        <line
          x1={x(tool.minNm)}
          x2={x(tool.maxNm)}
          y1={y}
          y2={y}
          class={good(tool) ? 'span' : 'span out'}
        />
        {#if !good(tool)}
          <text x={x(tool.minNm) - 6} y={y + 4} class="before">
            {tool.out ? 'out of use' : 'not in calibration'}
          </text>
        {/if}
      {/each}
      {#each coverage.needs as need, i (i)}
        <rect
          x={x(need.minNm)}
          y={line - (need.covered ? 14 : 26)}
          width={Math.max(x(need.maxNm) - x(need.minNm), 2)}
          height={need.covered ? 14 : 26}
          class={need.covered ? (need.tight ? 'need tight' : 'need') : 'need gap'}
        >
          <title>{need.where}: {band(need)}{need.covered ? '' : ', no tool'}</title>
        </rect>
      {/each}
      <text x={NAMES} y={line - 2} class="name">torques of the jobs</text>
      <line x1={NAMES + PAD} x2={WIDTH - PAD} y1={line} y2={line} class="scribe" />
      {#each scale.ticks as nm (nm)}
        <line x1={x(nm)} x2={x(nm)} y1={line} y2={line + 5} class="scribe" />
        <text x={x(nm)} y={line + 19} class="tick">{plain(nm / unit.newtonMetres)}</text>
      {/each}
    </svg>
  </div>
  {#if gaps.length}
    <ul class="lines">
      {#each gaps as need, i (i)}
        <li>
          <span class="bad">no tool</span>
          <span class="figure">{band(need)}</span>
          <a href="/jobs/{need.jobId}/sheet">{need.where}</a>
        </li>
      {/each}
    </ul>
  {/if}
  {#if tight.length}
    <p class="soft">
      Narrow bands, marked by an outline: in {tight.length} the best tool may leave the band with its
      deviation; a finer one would not.
    </p>
  {/if}
{/if}

<style>
  .wide {
    overflow-x: auto;
  }
  svg {
    display: block;
    width: 100%;
    min-width: 40rem;
    max-width: 70rem;
    height: auto;
  }
  .span {
    stroke: var(--ink-soft);
    stroke-width: 6;
  }
  .span.out {
    stroke-dasharray: 3 4;
    stroke-width: 3;
  }
  .need {
    fill: var(--copper-wash);
    stroke: var(--copper);
    stroke-width: 0.8;
  }
  .need.tight {
    fill: none;
  }
  .need.gap {
    fill: var(--bad-wash);
    stroke: var(--bad);
    stroke-width: 2;
  }
  .scribe {
    stroke: var(--hairline);
  }
  text {
    fill: var(--ink-soft);
    font-size: 11px;
    font-variant-numeric: tabular-nums;
  }
  .name {
    text-anchor: end;
    fill: var(--ink);
  }
  .before {
    text-anchor: end;
  }
  .shade {
    fill: var(--copper);
    opacity: 0.12;
  }
  .shade.gap {
    fill: var(--bad);
    opacity: 0.2;
  }
  .tick {
    text-anchor: middle;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1rem;
  }
</style>
