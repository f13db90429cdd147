<script lang="ts">
  import { CloudOffline, WarningAlt } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  /** What waits behind an entry that was not taken. */
  const later = $derived(
    run.waiting < 2
      ? ''
      : run.waiting === 2
        ? 'One later entry of this job waits behind it. '
        : `${run.waiting - 1} later entries of this job wait behind it. `,
  );
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
{#if run.older}
  <div class="overtaken" role="alert">
    <WarningAlt size={24} />
    <p>
      This page is older than the bench: load it anew. What was said here is kept and sent; what
      comes of it shows once the server has taken it.
    </p>
    <Button kind="tertiary" on:click={() => window.location.reload()}>Load it anew</Button>
  </div>
{/if}
{#if run.refused}
  {@const one = run.refused}
  <div class="overtaken" role="alert">
    <WarningAlt size={24} />
    <div>
      <p>
        Not taken by the server: {steps.get(one.entry.stepId) ?? one.entry.stepId}{one.entry
          .fastener === undefined
          ? ''
          : `, fastener ${one.entry.fastener}`}. {one.refused}
      </p>
      <p>
        {later}The job is not signed while it waits.
      </p>
    </div>
    <Button kind="tertiary" on:click={() => void run.sendAgain()}>Send it again</Button>
    <Button kind="tertiary" on:click={() => void run.sayAnew()}>Put it aside, say it anew</Button>
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
              : `, fastener ${e.event.fastener}`}, {e.words.said}: {e.notCounted}
          </li>
        {/each}
      </ul>
      <p>What now? Look at what was done twice before you go on with the step in hand.</p>
    </div>
    <Button kind="tertiary" on:click={() => run.seen()}>Looked: go on</Button>
    <Button
      kind="tertiary"
      on:click={() => {
        const twice = [...new Set(run.overtaken.map((e) => steps.get(e.event.stepId) ?? ''))];
        run.seen();
        void run.say({ kind: 'NOTE', reason: `Done twice, to be looked at: ${twice.join('; ')}.` });
      }}>Note that it was done twice</Button
    >
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
