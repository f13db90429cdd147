<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { Schemas } from '../../api/client';
  import JointDrawing from '../../joint/JointDrawing.svelte';
  import { reading } from '../../joint/unit.svelte';
  import JobHeader from '../../shell/JobHeader.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import Actions from './Actions.svelte';
  import ReadingPad from './ReadingPad.svelte';
  import CureClocks from './CureClocks.svelte';
  import EntryList from './EntryList.svelte';
  import StepInHand from './StepInHand.svelte';
  import StepRuler from './StepRuler.svelte';
  import { BenchRun } from '../../run/run.svelte';

  let { page }: { page: Schemas['RunPage'] } = $props();
  // svelte-ignore state_referenced_locally
  const run = new BenchRun(page);
  onDestroy(() => run.leave());

  let padOpen = $state(false);
  const runState = $derived(run.page.state);
  const order = $derived(run.step?.order ?? []);
</script>

<JobHeader
  number={run.page.number}
  title={run.page.title}
  machine={run.page.machine}
  jobId={run.page.jobId}
  at={runState.signedOff ? 'record' : 'bench'}
  started
  signed={runState.signedOff}
/>
<StepRuler steps={run.page.sheet.steps} done={runState.doneSteps} current={runState.currentStep} />
{#if run.waiting && run.trouble}
  <TroubleNote
    trouble={{
      ...run.trouble,
      detail: `${run.trouble.detail} Your entry waits on this device and is sent again by itself.`,
    }}
    retry={() => void run.flush()}
    label="Send now"
  />
{:else if run.trouble}
  <TroubleNote trouble={run.trouble} />
{/if}
{#if run.page.deviceClock}<p class="warn" role="status">{run.page.deviceClock}</p>{/if}
<CureClocks clocks={runState.clocks} />
{#if runState.signedOff}
  <section class="end">
    <p class="big">Signed off</p>
    <p>
      <a href="/log/{run.page.jobId}">The record</a> stands in the log; re-checks stand on
      <a href="/machines/{run.page.machine.id}#rechecks">{run.page.machine.name}</a>.
    </p>
  </section>
{:else if run.step}
  <section class="bench" aria-label="Step in hand">
    <div class="left" class:cautions={!run.joint}>
      {#if padOpen && run.step.kind === 'TIGHTEN'}
        <ReadingPad
          draft="reading.{run.page.jobId}"
          unitCode={(runState.stepAmended ?? run.step).reading?.unit ?? reading.unit.code}
          disabled={run.busy || run.waiting > 0}
          trouble={run.trouble}
          enter={(typed, unit) => run.say({ kind: 'READING', typed, unit })}
          close={() => (padOpen = false)}
        />
      {:else if run.joint}
        <div class="drawing">
          <JointDrawing
            layout={run.joint.layout}
            positions={run.joint.positions}
            {order}
            current={runState.nextFastener}
            done={runState.doneFasteners}
            percents={runState.percentByFastener}
            title={run.joint.title}
            leftHand={run.joint.leftHand}
          />
        </div>
        <p class="soft caption">
          {run.joint.title}: {run.joint.count} × {run.joint.thread}{run.joint.critical
            ? ', critical'
            : ''}
        </p>
      {:else}
        <h2>Cautions</h2>
        <ul class="lines">
          {#each run.page.sheet.cautions as caution (caution)}<li>{caution}</li>{/each}
        </ul>
      {/if}
    </div>
    <div class="right">
      <StepInHand {run} step={run.step} joint={run.joint} />
    </div>
    <div class="actions">
      {#key `${run.step.id} ${runState.nextFastener} ${runState.round} ${runState.pending?.event.id}`}
        <Actions {run} step={run.step} bind:padOpen />
      {/key}
    </div>
  </section>
{/if}
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
  .left h2 {
    margin-top: 0.25rem;
  }
  .caption {
    text-align: center;
  }
  .actions {
    grid-column: 1 / -1;
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
    .left.cautions {
      order: 3;
    }
  }
</style>
