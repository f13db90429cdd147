<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import { here } from '../../api/session.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  const stood = $derived(run.page.interruption);
  const last = $derived(run.page.state.entries.findLast((e) => e.notCounted === undefined));
</script>

{#if stood && last?.event.id === stood.lastEntry}
  <div class="stood" role="alert">
    <WarningAlt size={24} />
    <p>{stood.words}</p>
    {#if here.mayWork}
      <Button disabled={run.settling} on:click={() => void run.say({ kind: 'BEGUN_AGAIN' })}>
        {stood.wetAgain ? 'Begin again, wet again' : 'Begin its passes again'}
      </Button>
    {/if}
  </div>
{/if}

<style>
  .stood {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
    margin: 0.25rem 0;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
    font-size: 1.125rem;
  }
  p {
    flex: 1;
    min-width: min(20rem, 100%);
  }
  .stood :global(button) {
    min-height: 3.5rem;
    align-items: center;
  }
</style>
