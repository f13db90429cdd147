<script lang="ts">
  import { Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { inUnit, plain, sign } from '../../joint/figures';
  import { reading } from '../../joint/unit.svelte';
  import WriteDown from './WriteDown.svelte';

  interface Props {
    joint: Schemas['SheetJoint'];
    /** Takes a value back; without it none can be. */
    withdraw?: ((valueId: string, reason: string, id: string) => Promise<void>) | undefined;
  }
  let { joint, withdraw }: Props = $props();
  /** Values of the pack itself are not taken back; those written down have ids of their own. */
  const writtenDown = (v: Schemas['SheetValue']) => !v.id.startsWith('pack.');
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
  {#if joint.values.length || joint.takenBack.length}<span class="label">Stated</span>{/if}
  {#each joint.values as v, index (v.id)}
    {@const conflict = conflictOf(index)}
    {@const slip = slipOf(index)}
    <div class="value" class:holds={holds(index)}>
      <p>
        <strong class="figure">{v.stated}</strong>
        {#if converted(v)}<span class="soft figure"> = {converted(v)}</span>{/if}
      </p>
      <p class="soft">{v.source}: {v.document}; {v.condition}</p>
      {#if v.statedFor}
        <p class="warn">
          <WarningAlt size={16} />
          <span>Stated for {v.statedFor}, not for {joint.thread}: look it up again.</span>
        </p>
      {/if}
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
      {#if withdraw && writtenDown(v)}
        <details class="no-print">
          <summary>Take it back</summary>
          <WriteDown
            label="What was wrong with it"
            button="Take it back"
            maxlength={1000}
            send={(reason, id) => withdraw(v.id, reason, id)}
          />
        </details>
      {/if}
    </div>
  {/each}
  {#each joint.takenBack as back (back.stated + back.reason)}
    <p class="back">
      <s>{back.stated}</s>
      <span class="soft">taken back by {back.by}: {back.reason}</span>
    </p>
  {/each}
</div>

<style>
  details summary {
    cursor: pointer;
    font-size: 0.8125rem;
    color: var(--copper);
    min-height: 2rem;
    line-height: 2rem;
  }
  .back {
    font-size: 0.8125rem;
  }
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
