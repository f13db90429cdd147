<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import { SkeletonText } from 'carbon-components-svelte';
  import { asTrouble, type Trouble } from '../api/client';
  import { Newest } from '../api/newest';
  import Field from './Field.svelte';
  import TroubleNote from './TroubleNote.svelte';

  interface Props {
    label: string;
    placeholder: string;
    find: (text: string) => Promise<T>;
    /** What was found, and the text it was found for. */
    children: Snippet<[T, string]>;
  }
  let { label, placeholder, find, children }: Props = $props();
  const PAUSE_MS = 150;
  let text = $state('');
  let found = $state.raw<T | null>(null);
  let trouble = $state<Trouble | null>(null);
  let timer: ReturnType<typeof setTimeout>;
  const finds = new Newest();

  const look = () =>
    finds.ask(
      () => find(text),
      (fresh) => {
        found = fresh;
        trouble = null;
      },
      (e) => (trouble = asTrouble(e)),
    );
  function typed() {
    clearTimeout(timer);
    timer = setTimeout(() => void look(), PAUSE_MS);
  }
  $effect(() => void look());
</script>

<div class="find">
  <Field {label} bind:value={text} oninput={typed} hint={placeholder} bare />
</div>
{#if trouble}<TroubleNote {trouble} retry={look} />{/if}
{#if found !== null}
  {@render children(found, text)}
{:else if !trouble}
  <div role="status" aria-busy="true" aria-label="Loading">
    <SkeletonText paragraph lines={5} />
  </div>
{/if}

<style>
  .find {
    width: min(28rem, 100%);
    margin: 0.5rem 0 1rem;
  }
</style>
