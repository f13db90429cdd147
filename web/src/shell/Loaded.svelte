<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import { SkeletonText } from 'carbon-components-svelte';
  import { asTrouble, type Trouble } from '../api/client';
  import { Newest } from '../api/newest';
  import TroubleNote from './TroubleNote.svelte';

  interface Props {
    load: () => Promise<T>;
    children: Snippet<[T, (again: T) => void]>;
    /** What can be done where nothing was loaded. */
    instead?: Snippet<[Trouble]>;
  }
  let { load, children, instead }: Props = $props();
  let data = $state.raw<T | null>(null);
  let trouble = $state<Trouble | null>(null);

  const loads = new Newest();
  const run = () => {
    trouble = null;
    return loads.ask(
      load,
      (fresh) => (data = fresh),
      (e) => (trouble = asTrouble(e)),
    );
  };
  $effect(() => void run());
</script>

{#if trouble}
  <TroubleNote {trouble} retry={run} />
  {#if data === null}{@render instead?.(trouble)}{/if}
{/if}
{#if data !== null}
  {@render children(data, (again) => (data = again))}
{:else if !trouble}
  <div role="status" aria-busy="true" aria-label="Loading">
    <SkeletonText paragraph lines={5} />
  </div>
{/if}
