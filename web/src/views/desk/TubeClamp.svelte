<script lang="ts">
  import { CheckmarkOutline, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { inUnit, plain, type Unit } from '../../joint/figures';
  import Why from '../../joint/Why.svelte';

  let { tube, unit }: { tube: Schemas['DeskTubeAnswer']; unit: Unit } = $props();
  const clamp = $derived(tube.clamp);
</script>

<h2>What it does to the tube</h2>
<dl>
  <div>
    <dt>Pressure, mean</dt>
    <dd class="figure">{plain(clamp.pressureMPa)} <span>MPa</span></dd>
  </div>
  <div>
    <dt>Pressure, peak</dt>
    <dd class="figure" class:bad={clamp.withinLimit === false}>
      {plain(clamp.peakPressureMPa)} <span>MPa</span>
    </dd>
    {#if clamp.withinLimit !== undefined}
      <dd class={clamp.withinLimit ? 'good' : 'bad'}>
        {#if clamp.withinLimit}<CheckmarkOutline size={16} /> the tube stands it
        {:else}<WarningAlt size={16} /> more than the tube stands{/if}
      </dd>
    {/if}
  </div>
  <div>
    <dt>Turns from</dt>
    <dd class="figure">
      {inUnit(clamp.slipTorqueNm.low, unit)}–{inUnit(clamp.slipTorqueNm.high, unit)}
      <span>{unit.sign}</span>
    </dd>
  </div>
  <div>
    <dt>Slides from</dt>
    <dd class="figure">
      {plain(clamp.slideForceN.low / 1000)}–{plain(clamp.slideForceN.high / 1000)} <span>kN</span>
    </dd>
  </div>
</dl>
{#if tube.climb}
  <p>
    Climb to hold:
    <strong class="figure"
      >{tube.climb.stepsNm.map((nm) => inUnit(nm, unit)).join(' · ')} {unit.sign}</strong
    >
  </p>
{/if}
{#if tube.gaps}
  <p class={tube.gaps.even ? 'good' : 'warn'}>
    {#if tube.gaps.even}<CheckmarkOutline size={16} />{:else}<WarningAlt size={16} />{/if}
    {tube.gaps.reasons.join(' ')}
  </p>
{/if}
<Why
  label="Why"
  reasons={[...clamp.reasons, ...(tube.climb?.reasons ?? [])]}
  derivation={[
    ...(clamp.derivation ?? []),
    ...(tube.climb?.derivation ?? []),
    ...(tube.gaps?.derivation ?? []),
  ]}
/>

<style>
  dl {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
    gap: 0.5rem 1.5rem;
    margin: 0.25rem 0 0.5rem;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  dd.figure {
    font-size: 1.25rem;
  }
  dd.figure span {
    font-size: 0.875rem;
    color: var(--ink-soft);
  }
  p,
  dd {
    max-width: 44rem;
  }
</style>
