<script lang="ts">
  import type { Snippet } from 'svelte';

  /** What is seldom needed, folded away behind its words. */
  let { words, children }: { words: string; children: Snippet } = $props();
</script>

<details>
  <!-- Opened by hand it gives the keyboard back: the space bar belongs to the step. -->
  <summary onclick={(e) => e.detail > 0 && e.currentTarget.blur()}>{words}</summary>
  {@render children()}
</details>

<style>
  summary {
    cursor: pointer;
    min-height: 3.5rem;
    line-height: 3.5rem;
    color: var(--copper);
  }
</style>
