<script lang="ts">
  import type { Schemas } from '../../api/client';

  interface Props {
    steps: Schemas['RunStep'][];
    done: string[];
    current?: string | undefined;
  }
  let { steps, done, current }: Props = $props();
  const at = $derived(steps.findIndex((s) => s.id === current));
  const words = $derived(
    at < 0 ? 'all steps done' : `${steps[at]?.group}, step ${at + 1} of ${steps.length}`,
  );
</script>

<div class="ruler" role="img" aria-label="Steps: {words}">
  {#each steps as step, i (step.id)}
    <span
      class:done={done.includes(step.id)}
      class:now={step.id === current}
      class:first={i === 0 || steps[i - 1]?.group !== step.group}
      title="{step.group}: {step.title}"
    ></span>
  {/each}
</div>

<style>
  .ruler {
    display: flex;
    height: 1rem;
    border-bottom: 1px solid var(--hairline);
    margin-bottom: 0.5rem;
  }
  span {
    flex: 1;
    position: relative;
  }
  span::before {
    content: '';
    position: absolute;
    left: 0;
    bottom: 0;
    height: 4px;
    border-left: 1px solid var(--hairline);
  }
  span.first::before {
    height: 12px;
  }
  span.done::after,
  span.now::after {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    bottom: -2px;
    border-bottom: 3px solid var(--ink-soft);
  }
  span.now::after {
    border-color: var(--copper);
    bottom: -4px;
    border-bottom-width: 6px;
  }
</style>
