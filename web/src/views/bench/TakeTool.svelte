<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import Unfold from './Unfold.svelte';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    joint: Schemas['RunJoint'];
    stopped: boolean;
  }
  let { run, joint, stopped }: Props = $props();
  let toolId = $state('');
  let reason = $state('');
  const taken = $derived(run.page.state.toolsTaken[joint.id]);
  const others = $derived(joint.otherTools.filter((t) => t.toolId !== taken));
</script>

<Unfold words="Another tool, or this one failed">
  <p class="soft">
    The sheet stays as it was started; from here on the joint is done with the other.
  </p>
  <fieldset>
    <legend class="soft">Take up</legend>
    {#each others as tool (tool.toolId)}
      <label>
        <input type="radio" name="tool-{joint.id}" value={tool.toolId} bind:group={toolId} />
        <span>{tool.words}</span>
      </label>
    {/each}
  </fieldset>
  <div class="why">
    <TextInput labelText="Why" bind:value={reason} maxlength={1000} size="xl" />
    <Button
      class="large"
      kind="tertiary"
      disabled={stopped || !toolId || !reason.trim()}
      on:click={() => void run.say({ kind: 'AMENDED', toolId, reason: reason.trim() })}
      >Go on with it</Button
    >
  </div>
</Unfold>

<style>
  fieldset {
    border: 0;
    padding: 0;
    margin: 0.5rem 0;
  }
  label {
    display: flex;
    gap: 0.75rem;
    align-items: center;
    min-height: 3.5rem;
  }
  input {
    width: 1.5rem;
    height: 1.5rem;
    accent-color: var(--copper);
  }
  .why {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  .why > :global(:first-child) {
    flex: 1 1 16rem;
  }
</style>
