<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { CheckmarkOutline, Misuse, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import ClampPlot from '../../joint/ClampPlot.svelte';
  import { inUnit, plain, sign } from '../../joint/figures';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import Why from '../../joint/Why.svelte';
  import GroupCourse from './GroupCourse.svelte';
  import SendToJob from './SendToJob.svelte';
  import TubeClamp from './TubeClamp.svelte';
  import type { DeskState } from './fields';

  interface Props {
    answer: Schemas['DeskResponse'];
    desk: DeskState;
    choices: Schemas['ChoicesResponse'];
  }
  let { answer, desk, choices }: Props = $props();
  const joint = $derived(answer.joint);
  const kN = (n: number) => plain(n / 1000);
  const applied = $derived(answer.appliedNm);
  const past = $derived(joint.pastYield);
  const judged = $derived(answer.clamps && answer.promised);
  const MARKS = { HOLDS: CheckmarkOutline, DOUBTFUL: WarningAlt, FAILS: Misuse };
  const TONES = { HOLDS: 'good', DOUBTFUL: 'warn', FAILS: 'bad' };
  const summary = $derived(
    [
      `${desk.thread} ${desk.mark}`,
      answer.torque?.stated ?? '',
      !judged
        ? 'not judged by its clamp load'
        : joint.preloadN && !past
          ? `clamp load ${kN(joint.preloadN.nominal)} kN (${kN(joint.preloadN.min)}–${kN(joint.preloadN.max)})`
          : `at most ${plain(joint.ceilingNm)} N·m`,
    ]
      .filter(Boolean)
      .join(', '),
  );
</script>

{#each answer.stops as stop (stop)}
  <p class="slip bad"><Misuse size={20} /><span>{stop}</span></p>
{/each}
{#each answer.cautions as caution (caution)}
  <p class="slip warn"><WarningAlt size={20} /><span>{caution}</span></p>
{/each}
{#if !answer.clamps}
  <p class="lead">
    It {choices.roles.find((r) => r.code === desk.role)?.words ?? 'seats or secures another part'}:
    its torque is the maker’s and is not judged by a clamp load.
  </p>
{/if}
{#if judged}
  <div class="heads">
    {#if joint.preloadN}
      <div>
        <p class="label">Clamp load</p>
        {#if past}
          <p class="big">–</p>
          <p class="soft figure">
            it yields at {inUnit(joint.yieldPoints.nominal.readingNm, reading.unit)}
            {reading.unit.sign}, {kN(joint.yieldPoints.nominal.preloadN)} kN
          </p>
        {:else}
          <p class="big figure">{kN(joint.preloadN.nominal)} <span class="unit">kN</span></p>
          <p class="soft figure">
            {kN(joint.preloadN.min)}–{kN(joint.preloadN.max)} at worst{#if answer.chance}; 9 in 10
              within {kN(answer.chance.p5N)}–{kN(answer.chance.p95N)}{/if}
          </p>
        {/if}
      </div>
      <div>
        <p class="label">Of yield</p>
        <p class="big figure" class:bad={past}>
          {Math.round((joint.utilisation ?? 0) * 100)} <span class="unit">%</span>
        </p>
        {#if answer.verdict}
          {@const Mark = MARKS[answer.verdict.standing]}
          <p class="verdict {TONES[answer.verdict.standing]}">
            <Mark size={16} />
            {answer.verdict.words}
          </p>
        {/if}
      </div>
    {/if}
    <div>
      <p class="label">At {desk.utilisation || '90'} % of yield</p>
      <p class="big figure">
        {inUnit(joint.assemblyTorqueNm, reading.unit)} <span class="unit">{reading.unit.sign}</span>
      </p>
      <p class="soft figure">{kN(joint.assemblyPreloadN)} kN</p>
    </div>
    {#if joint.failsFirst && joint.failsAtNm !== undefined}
      <div>
        <p class="label">Overdone, {joint.failsFirstWords}</p>
        <p class="big figure">
          {inUnit(joint.failsAtNm, reading.unit)} <span class="unit">{reading.unit.sign}</span>
        </p>
        <p class="soft figure">
          bolt first from {plain(joint.engagementForBoltFirstMm ?? 0)} mm of thread
        </p>
      </div>
    {/if}
  </div>
{/if}

{#each answer.unitSlips as slip (slip.index)}
  <p class="slip warn">
    <WarningAlt size={20} />
    <span>
      Wrong unit? {slip.reason}
      {#if slip.likelyUnits.length}
        It would make sense in {slip.likelyUnits.map((u) => sign(here.units, u)).join(' or ')}.
      {/if}
    </span>
  </p>
{/each}

<TorqueRail
  band={applied ? { minNm: applied.min, maxNm: applied.max } : undefined}
  ceilingNm={judged ? joint.ceilingNm : undefined}
  floorNm={judged ? joint.floorNm : undefined}
  unit={reading.unit}
  size="large"
/>

{#if judged}
  <div class="columns">
    <div>
      <h2>Clamp load over torque</h2>
      <ClampPlot {joint} torqueNm={past ? undefined : applied} unit={reading.unit} />
    </div>
    <div>
      {#if answer.others.length}
        <h2>The same clamp load on other threads</h2>
        <table class="ledger">
          <thead>
            <tr>
              <th>Threads are</th><th class="num">{reading.unit.sign}</th>
              <th class="num">If the torque were kept</th>
            </tr>
          </thead>
          <tbody>
            {#each answer.others as other (other.condition)}
              <tr class:now={other.condition === desk.condition}>
                <td>{other.words}</td>
                <td class="num">{inUnit(other.torqueNm, reading.unit)}</td>
                <td class="num">
                  {other.overloadPercent > 0 ? '+' : ''}{Math.round(other.overloadPercent)} %
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="soft">Lowering is sound; raising needs the maker’s word.</p>
      {/if}
      {#if answer.breakLooseNm || answer.loadPerDegreeN !== undefined}
        <h2>Turning it</h2>
        {#if joint.expectedAngleDeg !== undefined}
          <p>
            From snug to this torque about <strong class="figure"
              >{plain(joint.expectedAngleDeg)}°</strong
            >.
          </p>
        {/if}
        {#if answer.loadPerDegreeN !== undefined}
          <p>
            One degree at a re-check is <strong class="figure"
              >{kN(answer.loadPerDegreeN)} kN</strong
            >.
          </p>
        {/if}
        {#if answer.afterAngle}
          <p>
            After the stated angle <strong class="figure"
              >{kN(answer.afterAngle.preloadN)} kN</strong
            >, {Math.round(answer.afterAngle.utilisation * 100)} % of yield.
            {answer.afterAngle.reasons.join(' ')}
          </p>
        {/if}
        {#if answer.breakLooseNm}
          <p>
            To break it loose, clean: <strong class="figure"
              >{inUnit(answer.breakLooseNm.low, reading.unit)}–{inUnit(
                answer.breakLooseNm.high,
                reading.unit,
              )}
              {reading.unit.sign}</strong
            >.
          </p>
        {/if}
        {#if joint.embeddingLossN !== undefined}
          <p>
            Settling takes about <strong class="figure">{kN(joint.embeddingLossN)} kN</strong>.
          </p>
        {/if}
      {/if}
    </div>
  </div>

  <div class="whys">
    <Why label="Why these figures" reasons={joint.reasons} derivation={joint.derivation ?? []} />
  </div>
{/if}
{#if answer.interaction}
  <GroupCourse course={answer.interaction} {desk} />
{/if}
{#if answer.tube}
  <TubeClamp tube={answer.tube} unit={reading.unit} />
{/if}
<p class="soft caution">
  The maker’s document governs. Materials without a standard are typical values:
  {choices.materials.find((m) => m.code === desk.into)?.words ?? 'none is used here'}.
</p>
<div class="buttons no-print">
  <Button kind="tertiary" size="field" on:click={() => window.print()}>Print</Button>
  {#if here.mayWork}<SendToJob {desk} {summary} />{/if}
</div>

<style>
  .heads {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(10rem, 1fr));
    gap: 0.5rem 1.5rem;
    min-height: 6.25rem;
  }
  .label {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .big {
    font-size: 2.25rem;
    line-height: 1.15;
  }
  .unit {
    font-size: 1rem;
    color: var(--ink-soft);
  }
  .verdict {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
  }
  .slip {
    display: grid;
    grid-template-columns: 1.25rem 1fr;
    gap: 0.625rem;
    padding: 0.375rem 0 0.375rem 0.75rem;
    border-left: 3px solid var(--warn);
    margin: 0.5rem 0;
  }
  .slip.bad {
    border-left-color: var(--bad);
  }
  .lead {
    margin: 0.75rem 0;
    font-size: 1.125rem;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(14rem, 2fr);
    gap: 0 2rem;
  }
  .now td {
    font-weight: 600;
  }
  .whys {
    margin-top: 0.75rem;
  }
  .caution {
    margin-top: 1rem;
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    margin-top: 0.75rem;
    align-items: end;
  }
  @media (max-width: 640px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
