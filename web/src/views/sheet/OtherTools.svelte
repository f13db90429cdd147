<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { onScale, sign } from '../../joint/figures';

  let { tools }: { tools: Schemas['SheetTool'][] } = $props();
</script>

<details>
  <summary>The other tools of the crib</summary>
  <ul class="lines">
    {#each tools as tool (tool.id)}
      <li>
        <strong>{tool.name}</strong>
        {#if tool.scale !== undefined}
          <span class="figure">
            {onScale(tool.scale, tool.graduation)}
            {sign(here.units, tool.unit)}
          </span>
        {/if}
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
