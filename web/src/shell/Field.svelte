<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';

  interface Props {
    label: string;
    value: string;
    message?: string | undefined;
    hint?: string | undefined;
    inputmode?: HTMLInputAttributes['inputmode'];
    maxlength?: number;
    /** The options of a list to choose from; without them it is typed. */
    options?: Snippet | undefined;
    /** Says its label only to a screen reader. */
    bare?: boolean;
    large?: boolean;
    oninput?: () => void;
    onkeydown?: ((e: KeyboardEvent) => void) | undefined;
    /** What stands within, at its end. */
    beside?: Snippet | undefined;
    /** What stands below, once there is something to say. */
    children?: Snippet | undefined;
  }
  let {
    label,
    value = $bindable(),
    message,
    hint,
    inputmode = 'text',
    maxlength = 200,
    options,
    bare = false,
    large = false,
    oninput,
    onkeydown,
    beside,
    children,
  }: Props = $props();
  const id = $props.id();
  const told = $derived({
    'aria-invalid': message ? (true as const) : undefined,
    'aria-describedby': message ? `${id}-message` : undefined,
  });
</script>

<div>
  <label for={id} class:bx--visually-hidden={bare}>{label}</label>
  {#if options}
    <select {id} bind:value {...told}>{@render options()}</select>
  {:else}
    <span class="in">
      <input
        {id}
        bind:value
        {oninput}
        {onkeydown}
        class:large
        {inputmode}
        {maxlength}
        autocomplete="off"
        spellcheck="false"
        placeholder={hint}
        {...told}
      />{@render beside?.()}
    </span>
  {/if}
  {@render children?.()}
  {#if message}<p id="{id}-message" class="bad">{message}</p>{/if}
</div>

<style>
  label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .in {
    display: block;
    position: relative;
  }
  input,
  select {
    width: 100%;
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    font-size: 1rem;
    font-variant-numeric: tabular-nums;
    padding: 0 0.5rem;
  }
  input.large {
    font-size: 1.125rem;
    min-height: 3rem;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
  [aria-invalid] {
    border-bottom-color: var(--bad);
  }
</style>
