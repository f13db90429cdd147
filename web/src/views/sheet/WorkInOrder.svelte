<script lang="ts">
  import { Locked } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';

  let { work, ride }: { work: Schemas['WorkLine'][]; ride: Schemas['PackStep'][] } = $props();
</script>

<h2>The work, in its order</h2>
<ol class="lines">
  {#each work as line, i (i)}
    <li class:joint={line.jointId}>
      <span class="doing">{line.doing}</span>
      <span>
        {#if line.hold}<span class="hold"><Locked size={16} /> Hold point</span>{/if}
        <strong>{line.title}</strong>{line.text ? ' · ' : ''}{line.text}
        {#each line.traps as trap (trap)}<span class="trap">{trap}</span>{/each}
        {#if line.why}<span class="soft why">{line.why}</span>{/if}
      </span>
    </li>
  {/each}
</ol>
{#if ride.length}
  <h2>First ride</h2>
  <ol class="lines">
    {#each ride as step (step.id)}<li><strong>{step.title}.</strong> {step.text}</li>{/each}
  </ol>
{/if}

<style>
  .lines li:has(.doing) {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    gap: 0 0.75rem;
  }
  .doing {
    color: var(--ink-soft);
    font-size: 0.875rem;
  }
  .joint .doing {
    color: var(--copper);
  }
  .hold {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
    vertical-align: bottom;
    color: var(--copper);
  }
  .trap {
    display: block;
    padding-left: 0.75rem;
    border-left: 2px solid var(--copper);
    margin-top: 0.25rem;
  }
  .why {
    display: block;
    font-size: 0.875rem;
  }
</style>
