<script lang="ts">
  interface Props {
    label: string;
    value: string;
    message?: string | undefined;
    hint?: string;
    wide?: boolean;
  }
  let { label, value = $bindable(), message, hint, wide = false }: Props = $props();
  const id = $props.id();
</script>

<div>
  <label for={id}>{label}</label>
  <input
    {id}
    bind:value
    class:wide
    inputmode={wide ? 'text' : 'decimal'}
    maxlength="60"
    autocomplete="off"
    spellcheck="false"
    placeholder={hint}
    aria-invalid={message ? true : undefined}
    aria-describedby={message ? `${id}-message` : undefined}
  />
  {#if message}<p id="{id}-message" class="bad">{message}</p>{/if}
</div>

<style>
  label {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  input {
    width: 100%;
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    font-variant-numeric: tabular-nums;
    padding: 0 0.5rem;
  }
  input.wide {
    font-size: 1.125rem;
    min-height: 3rem;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
  input[aria-invalid] {
    border-bottom-color: var(--bad);
  }
</style>
