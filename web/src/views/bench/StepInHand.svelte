<script lang="ts">
  import { Locked, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { inUnit, sign } from '../../joint/figures';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import AtAGlance from './AtAGlance.svelte';
  import SlotView from './SlotView.svelte';
  import ClimbLadder from './ClimbLadder.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
    joint?: Schemas['RunJoint'] | undefined;
  }
  let { run, step: laidOut, joint }: Props = $props();
  /** With the tool that is in hand now. */
  const step = $derived(run.page.state.stepAmended ?? laidOut);
  const runState = $derived(run.page.state);
  const turns = $derived(step.order.length > 0);
  const climb = $derived(runState.shown?.climb ?? []);
  const found = $derived(runState.shown?.foundBefore);
  const toolOut = $derived(runState.shown?.toolOut);
  const torques = $derived(
    runState.entries
      .filter((e) => e.event.stepId === step.id && e.reading)
      .map((e) => ({ nm: e.torqueNm ?? 0, outside: e.deviation === true })),
  );
</script>

<p class="group">
  {step.group}
  {#if step.hold}<span class="hold"><Locked size={16} /> Hold point</span>{/if}
  {#if step.kind === 'CHECK_PASS' || runState.round > 1}<span class="soft"
      >round {runState.round}</span
    >{/if}
</p>
<h2 class="title" class:alone={!turns}>{step.title}</h2>

{#if step.kind === 'SIGN_OFF'}
  <AtAGlance summary={run.page.summary} sheet={run.page.sheet} />
{/if}
{#if toolOut}
  <p class="tool-out" role="alert"><WarningAlt size={24} /> {toolOut}</p>
{/if}
{#if step.kind === 'NEXT_SLOT'}
  <SlotView state={runState} {step} />
{:else if turns}
  <div class="figures">
    <p class="set">
      {#if step.kind === 'ANGLE'}
        <span class="words">By the angle stated</span>
      {:else if step.reading}
        <span class="digits figure">{step.reading.onScale}</span>
        <span class="unit">{sign(here.units, step.reading.unit)}</span>
      {:else}
        <span class="words">By feel, no tool reaches</span>
      {/if}
    </p>
    <p class="next">
      {#if runState.nextFastener !== undefined}
        <span class="digits figure">{runState.nextFastener}</span>
        <span class="unit">of {step.order.length}</span>
      {/if}
    </p>
  </div>
  <dl>
    <div>
      <dt>Set on</dt>
      <dd>
        {step.toolName ?? 'no torque tool'}
        {#if run.page.state.stepAmended}<span class="warn">taken up instead</span>{/if}
      </dd>
    </div>
    {#if joint}
      <div>
        <dt>Stated</dt>
        <dd>{joint.stated}</dd>
      </div>
      <div>
        <dt>On the thread</dt>
        <dd>{joint.onThread.compound}</dd>
      </div>
      {#if joint.leftHand}
        <div>
          <dt>Left-hand thread</dt>
          <dd class="warn">tighten {joint.direction}</dd>
        </div>
      {/if}
    {/if}
    {#if step.band}
      <div>
        <dt>
          {step.percent === 100
            ? 'Band'
            : climb.length
              ? 'Band at this torque'
              : `Band of this pass, ${Math.round(step.percent)} %`}
        </dt>
        <dd class="figure">
          {inUnit(step.band.minNm, reading.unit)}–{inUnit(step.band.maxNm, reading.unit)}
          {reading.unit.sign}
        </dd>
      </div>
    {/if}
  </dl>
  {#if step.band && joint}
    <div class="rail">
      <TorqueRail
        band={step.band}
        aimNm={step.settingNm}
        ceilingNm={joint.ceilingNm}
        readings={torques}
        unit={reading.unit}
        size="large"
      />
    </div>
  {/if}
  {#if joint}<ClimbLadder torques={climb} {joint} />{/if}
  <p class="text">{step.text}</p>
{:else}
  {#if step.kind === 'SLIP_TEST' && joint}<ClimbLadder torques={climb} {joint} />{/if}
  <p class="text large">{step.text}</p>
  {#if found}<p class="text">It was “{found}”.</p>{/if}
{/if}
{#each step.traps as trap (trap)}
  <p class="trap"><WarningAlt size={20} /> {trap}</p>
{/each}

<style>
  .tool-out {
    display: flex;
    gap: 0.75rem;
    align-items: center;
    padding: 0.75rem;
    margin: 0.5rem 0;
    border-left: 4px solid var(--bad);
    background: var(--bad-wash);
    font-size: 1.25rem;
  }
  .group {
    display: flex;
    gap: 1rem;
    color: var(--ink-soft);
    font-size: 1rem;
  }
  .hold {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
    color: var(--copper);
  }
  .title {
    font-size: 1.625rem;
    color: var(--ink);
    border: 0;
    margin: 0;
    padding: 0;
  }
  .title.alone {
    font-size: clamp(1.625rem, 3.4vw, 2.5rem);
    line-height: 1.15;
  }
  .title::first-letter {
    text-transform: uppercase;
  }
  .figures {
    display: flex;
    gap: 3rem;
    align-items: baseline;
    justify-content: space-between;
  }
  .set,
  .next {
    white-space: nowrap;
    line-height: 1;
  }
  .set .digits {
    font-size: clamp(5rem, 13vw, 9.5rem);
    font-weight: 600;
    letter-spacing: -0.03em;
    color: var(--copper);
  }
  .next .digits {
    font-size: clamp(3.5rem, 8vw, 6rem);
    font-weight: 400;
  }
  .unit {
    font-size: 1.75rem;
    color: var(--ink-soft);
  }
  .words {
    font-size: 2.25rem;
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem 2rem;
    margin: 0.5rem 0;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  dd {
    font-size: 1.125rem;
  }
  .rail {
    max-width: 40rem;
  }
  .text {
    font-size: 1.125rem;
    margin-top: 0.25rem;
  }
  .text.large {
    font-size: clamp(1.375rem, 2.4vw, 1.75rem);
    max-width: 34em;
    margin: 0.75rem 0;
  }
  .trap {
    display: grid;
    grid-template-columns: 1.25rem 1fr;
    gap: 0.625rem;
    font-size: 1.25rem;
    padding: 0.25rem 0 0.25rem 0.75rem;
    border-left: 3px solid var(--copper);
    margin: 0.5rem 0;
  }
  .trap :global(svg) {
    margin-top: 0.25rem;
    fill: var(--copper);
  }
</style>
