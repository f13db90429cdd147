<script lang="ts">
  import { onDestroy } from 'svelte';
  import { UserMultiple } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import JointDrawing from '../../joint/JointDrawing.svelte';
  import SlotDrawing from '../../joint/SlotDrawing.svelte';
  import { reading } from '../../joint/unit.svelte';
  import JobHeader from '../../shell/JobHeader.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import Actions from './Actions.svelte';
  import ReadingPad from './ReadingPad.svelte';
  import CureClocks from './CureClocks.svelte';
  import DialPanel from './DialPanel.svelte';
  import EntryList from './EntryList.svelte';
  import HandOver from './HandOver.svelte';
  import HowItMoved from './HowItMoved.svelte';
  import LeftStanding from './LeftStanding.svelte';
  import NextSteps from './NextSteps.svelte';
  import OutOfReach from './OutOfReach.svelte';
  import StepInHand from './StepInHand.svelte';
  import StepPhotographs from './StepPhotographs.svelte';
  import StepRuler from './StepRuler.svelte';
  import Trays from './Trays.svelte';
  import WrenchPanel from './WrenchPanel.svelte';
  import { BenchRun } from '../../run/run.svelte';
  import { Dial } from '../../run/dial.svelte';
  import { Wrench } from '../../run/wrench.svelte';

  let { page, away = false }: { page: Schemas['RunPage']; away?: boolean } = $props();
  // svelte-ignore state_referenced_locally
  const run = new BenchRun(page, away);
  const wrench = new Wrench(run);
  const dial = new Dial(run);
  onDestroy(() => {
    run.leave();
    wrench.leave();
    dial.leave();
  });

  let padOpen = $state(false);
  let how = $state(false);
  const fastenerInHand = $derived(
    `${run.step?.id} ${run.page.state.nextFastener} ${run.page.state.round}`,
  );
  $effect(() => {
    void fastenerInHand;
    how = false;
    wrench.moved = undefined;
  });
  $effect(() => {
    if (wrench.moved) how = true;
  });
  let bench = $state<HTMLElement>();
  /** What is in hand next begins at the top, wherever the last one ended. */
  $effect(() => {
    void fastenerInHand;
    if (bench && bench.getBoundingClientRect().top < 0) {
      bench.scrollIntoView?.({ block: 'start' });
    }
  });
  const runState = $derived(run.page.state);
  const order = $derived(run.step?.order ?? []);
  /** The joint in hand, or the one that comes loose. */
  const drawn = $derived(
    run.joint ??
      run.page.sheet.joints.find((j) => j.id === run.page.drawnBeside[run.step?.id ?? '']),
  );
  const step = $derived(runState.stepAmended ?? run.step);
  /** Whether there is more to show than the setting of a tool. */
  const turns = $derived((run.step?.order ?? []).length > 0);
  const moved = $derived(runState.shown?.moved ?? []);
  const dialled = $derived(run.page.dialled.includes(run.step?.id ?? '') && !run.away);
  const pictured = $derived(
    run.photographs.all.some(
      (p) =>
        p.stepId === run.step?.id ||
        run.page.asItWas[run.step?.id ?? '']?.includes(p.stepId) === true,
    ),
  );
  /** Where it can be followed: with a setting, in reach. */
  const pulls = $derived(
    wrench.chosen &&
      step !== undefined &&
      step.reading !== undefined &&
      step.kind !== 'ANGLE' &&
      !run.away,
  );
</script>

<JobHeader
  number={run.page.number}
  title={run.page.title}
  machine={run.page.machine}
  jobId={run.page.jobId}
  at={runState.signedOff ? 'record' : 'bench'}
  started
  signed={runState.signedOff && !run.waiting}
/>
<StepRuler steps={run.page.sheet.steps} done={runState.doneSteps} current={runState.currentStep} />
{#if run.trouble && !run.refused}<TroubleNote trouble={run.trouble} />{/if}
<OutOfReach {run} />
{#if run.others.length}
  <p class="others soft" role="status">
    <UserMultiple size={16} /> Here too: {run.others.map((o) => o.name).join(', ')}
  </p>
{/if}
{#if run.page.deviceClock}<p class="warn" role="status">{run.page.deviceClock}</p>{/if}
<CureClocks clocks={runState.clocks} />
<LeftStanding {run} />
{#if runState.signedOff}
  <section class="end">
    <p class="big">Signed off</p>
    {#if run.waiting}
      <p class="warn" role="status">
        On this device. It is in the log, checked and final, as soon as it is sent.
      </p>
    {:else}
      <p>
        <a href="/log/{run.page.jobId}">The record</a> stands in the log; re-checks stand on
        <a href="/machines/{run.page.machine.id}#rechecks">{run.page.machine.name}</a>.
      </p>
    {/if}
  </section>
{:else if run.step}
  <section class="bench" aria-label="Step in hand" bind:this={bench}>
    <div
      class="left"
      class:second={!run.joint || run.step.kind === 'SLIP_TEST' || run.step.castellation}
    >
      {#if padOpen && run.step.kind === 'TIGHTEN'}
        <ReadingPad
          draft="reading.{run.page.jobId}"
          unitCode={(runState.stepAmended ?? run.step).reading?.unit ?? reading.unit.code}
          disabled={run.settling}
          trouble={run.trouble}
          enter={(typed, unit) => run.say({ kind: 'READING', typed, unit })}
          close={() => (padOpen = false)}
        />
      {:else if run.step.castellation}
        <div class="drawing">
          <SlotDrawing
            nut={run.step.castellation}
            turnDeg={runState.shown?.dueSlot?.turnDeg}
            leftHand={run.joint?.leftHand === true}
            beyond={runState.pending?.deviation === true}
          />
        </div>
      {:else if drawn}
        <div class="drawing" class:beside={pulls} class:lower={turns && pictured}>
          <JointDrawing
            layout={drawn.layout}
            positions={drawn.positions}
            {order}
            current={runState.nextFastener}
            done={runState.doneFasteners}
            {moved}
            percents={runState.percentByFastener}
            title={drawn.title}
            leftHand={drawn.leftHand}
          />
        </div>
        <p class="soft caption">
          {drawn.title}: {drawn.count} × {drawn.thread}{drawn.critical ? ', critical' : ''}
        </p>
        {#if pulls && step}<WrenchPanel {wrench} {step} />{/if}
      {/if}
      {#if turns && pictured && !padOpen && !pulls}
        <StepPhotographs {run} step={run.step} low />
      {/if}
      {#if dialled}
        <DialPanel {run} {dial} step={run.step} />
      {:else if !drawn}
        <h2>Cautions</h2>
        <ul class="lines">
          {#each run.page.sheet.cautions as caution (caution)}<li>{caution}</li>{/each}
        </ul>
      {/if}
    </div>
    <div class="right">
      {#if how && run.step.kind === 'TRY'}
        <HowItMoved {run} step={run.step} pulled={wrench.moved} />
      {:else}
        <StepInHand {run} step={run.step} joint={run.joint} />
      {/if}
      {#if !turns}
        <StepPhotographs {run} step={run.step} />
      {/if}
    </div>
    <div class="actions">
      {#key `${run.step.id} ${runState.nextFastener} ${runState.round} ${runState.pending?.event.id}`}
        <Actions {run} {wrench} {dial} {pulls} step={run.step} bind:padOpen bind:how />
      {/key}
    </div>
  </section>
{/if}
{#if !runState.signedOff}<NextSteps {run} />{/if}
{#if here.mayWork && !runState.signedOff}<HandOver {run} />{/if}
<Trays trays={run.page.trays} />
<EntryList {run} />

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(15rem, 2fr) 4fr;
    grid-template-rows: 1fr auto;
    gap: 0.5rem 2rem;
    min-height: min(31rem, calc(100vh - 13rem));
  }
  .drawing {
    height: min(22rem, 44vh);
  }
  .drawing.beside {
    height: min(9rem, 18vh);
  }
  .drawing.lower {
    height: min(14rem, 30vh);
  }
  .right {
    min-width: 0;
  }
  .left h2 {
    margin-top: 0.25rem;
  }
  .caption {
    text-align: center;
  }
  .actions {
    grid-column: 1 / -1;
  }
  .bench :global(input:not([type='file'])),
  .bench :global(select) {
    min-height: 3.5rem;
  }
  .others {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
  .big {
    font-size: 2.5rem;
  }
  .end {
    padding: 3rem 0;
  }
  @media (max-width: 640px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
    .drawing {
      height: 11rem;
    }
    /* What is to be said next stays under the thumb, above the places. */
    .actions {
      position: sticky;
      bottom: 3.5rem;
      z-index: 3;
      max-height: 48vh;
      overflow-y: auto;
      background: var(--ground);
      border-top: 1px solid var(--hairline);
    }
    .left.second {
      order: 3;
    }
  }
</style>
