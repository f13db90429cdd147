<script lang="ts">
  import type { BenchRun } from '../../run/run.svelte';

  let { run }: { run: BenchRun } = $props();
  const MOST = 3;
  const next = $derived.by(() => {
    const steps = run.page.sheet.steps;
    const at = steps.findIndex((s) => s.id === run.page.state.currentStep);
    return at < 0
      ? []
      : steps
          .slice(at + 1)
          .filter((s) => !run.page.state.doneSteps.includes(s.id))
          .slice(0, MOST);
  });
</script>

{#if next.length}
  <ol aria-label="What comes next">
    {#each next as step (step.id)}
      <li><span class="soft">{step.group}:</span> {step.title}</li>
    {/each}
  </ol>
{/if}

<style>
  ol {
    list-style: none;
    display: flex;
    flex-wrap: wrap;
    gap: 0.125rem 2rem;
    padding: 0.375rem 0;
    border-top: 1px solid var(--hairline);
  }
  li::before {
    content: '→ ';
    color: var(--copper);
  }
</style>
