<script lang="ts">
  import { Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { inUnit, plain, sign } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';

  let { joint }: { joint: Schemas['SheetJoint'] } = $props();
  const conflictOf = (index: number) => joint.conflicts.find((c) => c.b === index);
  const slipOf = (index: number) => joint.unitSlips.find((s) => s.index === index);
  const holds = (index: number) =>
    joint.decision ? joint.values[index]?.id === joint.decision.valueId : index === joint.governing;
  const converted = (v: Schemas['SheetValue']) => {
    if (!v.band || v.unit === reading.unit.code) return '';
    const low = inUnit(v.band.minNm, reading.unit);
    const high = inUnit(v.band.maxNm, reading.unit);
    return `${low === high ? low : `${low}–${high}`} ${reading.unit.sign}`;
  };
</script>

<div class="stated">
  <span class="label">Stated</span>
  {#each joint.values as v, index (v.id)}
    {@const conflict = conflictOf(index)}
    {@const slip = slipOf(index)}
    <div class="value" class:holds={holds(index)}>
      <p>
        <strong class="figure">{v.stated}</strong>
        {#if converted(v)}<span class="soft figure"> = {converted(v)}</span>{/if}
      </p>
      <p class="soft">{v.source}: {v.document}; {v.condition}</p>
      {#if slip}
        <p class="warn">
          <WarningAlt size={16} />
          <span>
            Wrong unit? {slip.reason}
            {#if slip.likelyUnits.length}
              Likely {slip.likelyUnits.map((u) => sign(here.units, u)).join(' or ')}.
            {/if}
          </span>
        </p>
      {/if}
      {#if conflict}
        <p class="bad">
          <Misuse size={16} />
          <span>
            Disagrees by {plain(Math.abs(conflict.percent))} % ({conflict.percent < 0
              ? 'lower'
              : 'higher'})
          </span>
        </p>
      {/if}
    </div>
  {/each}
</div>

<style>
  .label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .value {
    padding: 0 0 0.375rem 0.5rem;
    border-left: 2px solid var(--hairline-soft);
  }
  .value.holds {
    border-left-color: var(--copper);
  }
  .value .soft {
    font-size: 0.8125rem;
  }
  .warn,
  .bad {
    display: grid;
    grid-template-columns: 1rem 1fr;
    gap: 0.375rem;
    font-size: 0.8125rem;
  }
</style>
