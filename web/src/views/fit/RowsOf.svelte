<script lang="ts">
  import Field from '../../shell/Field.svelte';
  import type { Field as FieldOf, FitState } from './fields';
  import { rowsOf, rowsText } from './state';

  interface Props {
    field: FieldOf;
    state: FitState;
    message: string | undefined;
    changed: () => void;
  }
  let { field, state = $bindable(), message, changed }: Props = $props();
  const columns = $derived(field.columns ?? []);
  const rows = $derived(rowsOf(state[field.key] ?? ''));

  function write(next: string[][]) {
    state[field.key] = rowsText(next);
    changed();
  }
  function put(row: number, column: number, text: string) {
    write(
      rows.map((cells, i) =>
        i === row ? columns.map((_, c) => (c === column ? text : (cells[c] ?? ''))) : cells,
      ),
    );
  }
</script>

<fieldset>
  <legend>{field.label}</legend>
  {#each rows as cells, row (row)}
    <div class="row" style:--columns={columns.length - 1}>
      {#each columns as column, c (column.key)}
        <Field
          label={column.label}
          bare={row > 0}
          hint={column.kind === 'date' ? '2026-11-01' : undefined}
          bind:value={() => cells[c] ?? '', (text) => put(row, c, text)}
          maxlength={60}
        />
      {/each}
      <button
        class="quiet no-print"
        type="button"
        aria-label="Take row {row + 1} out"
        disabled={rows.length === 1}
        onclick={() => write(rows.filter((_, i) => i !== row))}>×</button
      >
    </div>
  {/each}
  <button
    class="quiet no-print"
    type="button"
    onclick={() => write([...rows, columns.map(() => '')])}>One more</button
  >
  {#if message}<p class="bad">{message}</p>{/if}
</fieldset>

<style>
  fieldset {
    border: 0;
    padding: 0;
    grid-column: 1 / -1;
  }
  legend {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  .row {
    display: grid;
    grid-template-columns: 2fr repeat(var(--columns), minmax(0, 1fr)) 2.5rem;
    gap: 0.25rem;
    align-items: end;
    margin-bottom: 0.25rem;
  }
</style>
