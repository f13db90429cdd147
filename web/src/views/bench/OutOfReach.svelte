<script lang="ts">
  import { CloudOffline, WarningAlt } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  const steps = $derived(new Map(run.page.sheet.steps.map((s) => [s.id, s.title])));
</script>

{#if run.away}
  <p class="away" role="status">
    <CloudOffline size={20} />
    Out of reach: go on. {run.waiting === 1 ? '1 entry waits' : `${run.waiting} entries wait`} on this
    device and {run.waiting === 1 ? 'is' : 'are'} sent by itself.
  </p>
{/if}
{#if run.away && run.photographs.waiting}
  <p class="away" role="status">
    <CloudOffline size={20} />
    {run.photographs.waiting === 1
      ? '1 photograph waits'
      : `${run.photographs.waiting} photographs wait`} too.
  </p>
{/if}
{#if run.forgetful}
  <p class="away" role="status">
    <WarningAlt size={20} />
    This browser keeps nothing: leave this page open until all is sent.
  </p>
{/if}
{#if run.absent.length}
  <p class="away" role="status">
    <WarningAlt size={20} />
    Entries of {run.absent.join(', ')} wait on this device and are not in the log: they are sent when
    {run.absent.join(', ')} signs in here. Without them the job stands as shown.
  </p>
{/if}
{#if run.lost.length}
  <div class="overtaken" role="alert">
    <WarningAlt size={24} />
    <p>
      The page was left before the look of {run.lost.join(', ')} was sent, and a PIN is not kept. Where
      it is not among the entries, look again.
    </p>
    <Button kind="tertiary" on:click={() => run.seen()}>Read</Button>
  </div>
{/if}
{#if run.overtaken.length}
  <div class="overtaken" role="alert">
    <WarningAlt size={24} />
    <div>
      <p>
        Somebody else was at this job meanwhile. What you did there stands in the log, and did not
        count:
      </p>
      <ul>
        {#each run.overtaken as e (e.event.id)}
          <li>
            {steps.get(e.event.stepId) ?? e.event.stepId}{e.event.fastener === undefined
              ? ''
              : `, fastener ${e.event.fastener}`}: {e.notCounted}
          </li>
        {/each}
      </ul>
    </div>
    <Button kind="tertiary" on:click={() => run.seen()}>Read</Button>
  </div>
{/if}

<style>
  .away,
  .overtaken {
    display: flex;
    gap: 0.75rem;
    align-items: center;
    margin: 0.25rem 0;
    padding: 0.125rem 0.75rem;
    border-left: 3px solid var(--warn);
  }
  .overtaken {
    align-items: start;
    padding: 0.75rem;
    border-left-color: var(--bad);
    background: var(--bad-wash);
    font-size: 1.125rem;
  }
  .overtaken > :global(:nth-child(2)) {
    flex: 1;
  }
  .overtaken :global(button) {
    min-height: 3.5rem;
  }
</style>
