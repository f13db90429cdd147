<script lang="ts">
  import type { Schemas } from '../../api/client';

  let { tools }: { tools: Schemas['SheetTool'][] } = $props();
</script>

<details>
  <summary>The other tools of the crib</summary>
  <ul class="lines">
    {#each tools as tool (tool.id)}
      <li>
        <strong>{tool.name}</strong>
        {#if tool.setting}<span class="figure">{tool.setting}</span>{/if}
        <span class="soft">{tool.usable ? 'would do.' : 'refused.'} {tool.reasons.join(' ')}</span>
      </li>
    {/each}
  </ul>
</details>

<style>
  summary {
    cursor: pointer;
    color: var(--copper);
    padding: 0.25rem 0;
    width: fit-content;
  }
</style>
