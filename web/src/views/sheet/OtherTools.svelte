<script lang="ts">
  import { Submission } from '../../api/submission.svelte';
  import type { Schemas } from '../../api/client';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { onSheet } from './turns';

  interface Props {
    joint: Schemas['SheetJoint'];
    /** Takes another tool for this joint, or gives the choice back; without it nobody may. */
    choose?: ((toolId: string | undefined, id: string) => Promise<void>) | undefined;
  }
  let { joint, choose }: Props = $props();
  const sending = new Submission(onSheet);
  const take = (toolId: string | undefined) => {
    const chosen = choose;
    return sending.send([joint.id, toolId], (id) => chosen?.(toolId, id) ?? Promise.resolve());
  };
</script>

<details>
  <summary>The other tools of the crib</summary>
  {#if joint.toolChosen && choose}
    <p>
      {joint.tool?.name} was chosen by hand.
      <button
        class="quiet"
        type="button"
        disabled={sending.busy}
        onclick={() => void take(undefined)}>Back to the planner’s tool</button
      >
    </p>
  {/if}
  <ul class="lines">
    {#each joint.otherTools as tool (tool.id)}
      <li>
        <strong>{tool.name}</strong>
        {#if tool.setting}<span class="figure">{tool.setting}</span>{/if}
        <span class="soft">{tool.usable ? 'would do.' : 'refused.'} {tool.reasons.join(' ')}</span>
        {#if tool.usable && choose}
          <span class="cost">
            {tool.cost}
            <button
              class="quiet"
              type="button"
              disabled={sending.busy}
              aria-label="Use {tool.name} for {joint.title}"
              onclick={() => void take(tool.id)}>Use this one</button
            >
          </span>
        {/if}
      </li>
    {/each}
  </ul>
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
</details>

<style>
  .cost {
    display: block;
  }
</style>
