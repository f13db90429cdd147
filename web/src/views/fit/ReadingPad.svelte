<script lang="ts">
  import { parts, type LengthUnit } from '../../ruler/lengths';
  import type { Field, FitState } from './fields';

  interface Props {
    field: Field;
    state: FitState;
    unit: LengthUnit;
    message: string | undefined;
    changed: () => void;
    /** Which one is in hand. */
    reading: number;
  }
  let {
    field,
    state = $bindable(),
    unit,
    message,
    changed,
    reading = $bindable(),
  }: Props = $props();
  const id = $props.id();
  const TURN = 360;
  const COUNTS = [4, 6, 8, 10, 12, 16, 24, 36];
  const readings = $derived(parts(state[field.key] ?? ''));
  const angle = (i: number) => Number(((i * TURN) / readings.length).toFixed(0));

  function write(next: string[]) {
    state[field.key] = next.join(' ');
    changed();
  }
  function typed(i: number, text: string) {
    const many = parts(text);
    const next = [...readings];
    if (many.length > 1) {
      // A whole turn pasted at once.
      next.splice(i, many.length, ...many);
    } else {
      next[i] = text.trim() || '0';
    }
    write(next);
  }
  function go(from: HTMLInputElement, i: number) {
    const all = from.closest('ol')?.querySelectorAll('input');
    all?.[i]?.focus();
    all?.[i]?.select();
  }
  /** Enter, space or comma ends a reading, and the next place is in hand. */
  function onward(e: KeyboardEvent & { currentTarget: HTMLInputElement }, i: number) {
    const next = e.key === 'Enter' || e.key === ' ' || e.key === ',';
    if (next && e.currentTarget.value.trim()) {
      e.preventDefault();
      typed(i, e.currentTarget.value);
      go(e.currentTarget, (i + 1) % readings.length);
    } else if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
      e.preventDefault();
      const way = e.key === 'ArrowUp' ? -1 : 1;
      go(e.currentTarget, (i + way + readings.length) % readings.length);
    }
  }
  function places(count: number) {
    write(Array.from({ length: count }, (_, i) => readings[i] ?? '0'));
  }
</script>

<fieldset aria-describedby={message ? `${id}-message` : undefined}>
  <legend>{field.label}, {unit}</legend>
  <label class="places no-print">
    <span>places round the turn</span>
    <select
      value={readings.length}
      onchange={(e) => {
        e.stopPropagation();
        places(Number(e.currentTarget.value));
      }}
    >
      {#each [...new Set([...COUNTS, readings.length])].sort((a, b) => a - b) as n (n)}
        <option value={n}>{n}</option>
      {/each}
    </select>
  </label>
  <ol>
    {#each readings as text, i (i)}
      <li class:in-hand={i === reading}>
        <label for="{id}-{i}">{angle(i)}°</label>
        <input
          id="{id}-{i}"
          value={text}
          autocomplete="off"
          inputmode="text"
          maxlength="400"
          aria-label="{field.label} {angle(i)}°"
          onfocus={(e) => {
            reading = i;
            e.currentTarget.select();
          }}
          oninput={(e) => {
            e.stopPropagation();
            if (e.currentTarget.value.trim()) typed(i, e.currentTarget.value);
          }}
          onkeydown={(e) => onward(e, i)}
        />
      </li>
    {/each}
  </ol>
  <p class="soft no-print">Enter or space goes on to the next place.</p>
  {#if message}<p id="{id}-message" class="bad">{message}</p>{/if}
</fieldset>

<style>
  fieldset {
    border: 0;
    padding: 0;
    grid-column: 1 / -1;
  }
  legend,
  .places {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .places {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .places select {
    min-height: 2.5rem;
    background: none;
    color: var(--copper);
    border: 0;
    font: inherit;
  }
  ol {
    list-style: none;
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.25rem 0.75rem;
  }
  li {
    display: grid;
    grid-template-columns: 2.75rem 1fr;
    align-items: center;
    border-bottom: 1px solid var(--hairline);
  }
  li.in-hand {
    border-color: var(--copper);
  }
  li.in-hand label {
    color: var(--copper);
    font-weight: 600;
  }
  li label {
    font-variant-numeric: tabular-nums;
    color: var(--ink-soft);
  }
  li input {
    min-height: 2.5rem;
    min-width: 0;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    font: inherit;
    font-size: 1rem;
    font-variant-numeric: tabular-nums;
    padding: 0 0.5rem;
    text-align: right;
  }
</style>
