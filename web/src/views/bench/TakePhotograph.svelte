<script lang="ts">
  import { Camera } from 'carbon-icons-svelte';
  import { Button } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';
  import type { BenchRun } from '../../run/run.svelte';

  interface Props {
    run: BenchRun;
    step: Schemas['RunStep'];
  }
  let { run, step }: Props = $props();
  /** Beside what is said of a torque there is room for its sign alone. */
  const small = $derived(step.order.length > 0 && !step.castellation);
  const taken = $derived(run.photographs);
  let chooser = $state<HTMLInputElement>();

  async function take() {
    const file = chooser?.files?.[0];
    if (!file || !chooser) return;
    if (await taken.take(file, step.id, taken.words.trim())) taken.words = '';
    chooser.value = '';
  }
</script>

<input
  type="file"
  accept="image/*"
  capture="environment"
  aria-label="A photograph of this step"
  tabindex="-1"
  bind:this={chooser}
  onchange={() => void take()}
/>
<Button
  class="large photograph{small ? ' small' : ''}"
  aria-label={small ? 'Photograph' : undefined}
  title={small ? 'Photograph' : undefined}
  kind="ghost"
  disabled={taken.taking}
  on:click={() => chooser?.click()}
>
  <Camera size={24} />
  {#if taken.taking}&nbsp; One moment …{:else if !small}&nbsp; Photograph{/if}
</Button>

<style>
  input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
    pointer-events: none;
  }
  :global(.bx--btn.photograph) {
    justify-content: flex-start;
  }
  :global(.row .bx--btn.photograph.small) {
    min-width: 4rem;
    width: auto;
    justify-content: center;
  }
</style>
