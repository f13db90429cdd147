<script lang="ts">
  import { onMount } from 'svelte';
  import type { Schemas, Trouble } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { here } from '../../api/session.svelte';

  interface Props {
    draft: string;
    unitCode: string;
    disabled: boolean;
    trouble: Trouble | null;
    enter: (typed: string, unit: Schemas['ScaleReading']['unit']) => Promise<boolean>;
    close: () => void;
  }
  let { draft, unitCode, disabled, trouble, enter, close }: Props = $props();
  const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];
  // svelte-ignore state_referenced_locally
  let typed = $state(kept(draft));
  // svelte-ignore state_referenced_locally
  let unit = $state(unitCode);
  let input: HTMLInputElement;
  $effect(() => keep(draft, typed));
  onMount(() => input.focus());
  const message = $derived(trouble?.errors[0]?.message ?? '');

  function press(k: string) {
    typed = k === '⌫' ? typed.slice(0, -1) : typed + k;
    input.focus();
  }
  async function send(e: SubmitEvent) {
    e.preventDefault();
    const figure = typed;
    if (await enter(figure, unit as Schemas['ScaleReading']['unit'])) {
      keep(draft, '');
      close();
    }
  }
  function key(e: KeyboardEvent) {
    if (e.key === 'Escape') {
      typed = '';
      keep(draft, '');
      close();
    }
  }
</script>

<svelte:window onkeydown={key} />
<form onsubmit={send} aria-label="Reading">
  <div class="line">
    <input
      bind:this={input}
      bind:value={typed}
      maxlength="60"
      autocomplete="off"
      aria-label="Reading as the tool shows it"
      placeholder="14.5 or 14.5 ftlb"
      aria-invalid={message !== ''}
      aria-describedby="reading-message"
    />
    <select bind:value={unit} aria-label="Unit of the reading">
      {#each here.units as u (u.code)}<option value={u.code}>{u.sign}</option>{/each}
    </select>
  </div>
  <p id="reading-message" class="bad" role="status">{message}</p>
  <div class="keys">
    {#each KEYS as k (k)}
      <button type="button" onclick={() => press(k)} aria-label={k === '⌫' ? 'Delete' : k}
        >{k}</button
      >
    {/each}
  </div>
  <div class="line">
    <button type="submit" class="enter" disabled={disabled || !typed.trim()}>Enter</button>
    <button type="button" onclick={close}>Close</button>
  </div>
</form>

<style>
  form {
    max-width: 24rem;
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  input,
  select,
  button {
    min-height: 3.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 1px solid var(--hairline);
    font: inherit;
    font-size: 1.5rem;
    font-variant-numeric: tabular-nums;
  }
  input {
    width: 6rem;
    flex: 1;
    padding: 0 0.75rem;
  }
  input[aria-invalid='true'] {
    border-color: var(--bad);
  }
  button {
    padding: 0 1.25rem;
    cursor: pointer;
  }
  .enter {
    flex: 1;
    background: var(--copper-fill);
    color: var(--on-copper);
    border-color: var(--copper-fill);
  }
  .enter:disabled {
    background: none;
    color: var(--ink-soft);
    cursor: default;
  }
  .keys {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.375rem;
    margin: 0.375rem 0;
  }
</style>
