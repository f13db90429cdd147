<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import { SkeletonText } from 'carbon-components-svelte';
  import { asTrouble, type Trouble } from '../api/client';
  import TroubleNote from './TroubleNote.svelte';

  interface Props {
    label: string;
    placeholder: string;
    find: (text: string) => Promise<T[]>;
    /** What was found, and the text it was found for. */
    children: Snippet<[T[], string]>;
  }
  let { label, placeholder, find, children }: Props = $props();
  const PAUSE_MS = 150;
  let text = $state('');
  let found = $state.raw<T[] | null>(null);
  let trouble = $state<Trouble | null>(null);
  let timer: ReturnType<typeof setTimeout>;
  let asked = 0;

  async function look() {
    const mine = ++asked;
    try {
      const fresh = await find(text);
      if (mine === asked) {
        found = fresh;
        trouble = null;
      }
    } catch (e) {
      trouble = asTrouble(e);
    }
  }
  function typed() {
    clearTimeout(timer);
    timer = setTimeout(() => void look(), PAUSE_MS);
  }
  $effect(() => void look());
</script>

<input
  bind:value={text}
  oninput={typed}
  aria-label={label}
  {placeholder}
  maxlength="200"
  autocomplete="off"
/>
{#if trouble}<TroubleNote {trouble} retry={look} />{/if}
{#if found !== null}
  {@render children(found, text)}
{:else if !trouble}
  <div aria-busy="true" aria-label="Loading"><SkeletonText paragraph lines={5} /></div>
{/if}

<style>
  input {
    width: min(28rem, 100%);
    min-height: 2.5rem;
    margin: 0.5rem 0 1rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 1rem;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
</style>
