<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { written, type LengthUnit } from '../../ruler/lengths';
  import FieldOf from '../../shell/Field.svelte';
  import type { Field, FitState } from './fields';
  import ReadingPad from './ReadingPad.svelte';
  import RowsOf from './RowsOf.svelte';
  import { stepped } from './state';

  interface Props {
    field: Field;
    state: FitState;
    unit: LengthUnit;
    sizes: Schemas['FitSizesResponse'];
    message: string | undefined;
    changed: () => void;
    /** Which reading is in hand. */
    reading: number;
  }
  let {
    field,
    state = $bindable(),
    unit,
    sizes,
    message,
    changed,
    reading = $bindable(),
  }: Props = $props();
  const MOST_TYPED = 200;
  const isLength = $derived(field.kind === 'length' || field.kind === 'lengths');
  const usual = $derived(sizes.sizes.filter((s) => s.what === field.pick?.what));
  const isStepped = $derived(field.kind === 'length' || field.kind === 'number');

  function step(e: KeyboardEvent) {
    if (!isStepped) return;
    const way = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0;
    if (!way) return;
    e.preventDefault();
    move(way * (e.shiftKey ? 10 : 1));
  }
  function move(times: number) {
    state[field.key] = stepped(
      state[field.key] ?? '',
      times * (field.step ?? 1),
      unit,
      sizes.mmPerInch,
      isLength,
    );
    changed();
  }
  function pick(name: string) {
    const size = usual.find((s) => s.name === name);
    if (!size) return;
    const { first, second } = field.pick ?? {};
    if (first) state[first] = written(size.firstMm, unit, sizes.mmPerInch);
    if (second) state[second] = written(size.secondMm, unit, sizes.mmPerInch);
    changed();
  }
</script>

{#snippet steps()}
  <span class="steps no-print">
    <button type="button" tabindex="-1" aria-label="{field.label} less" onclick={() => move(-1)}
      >−</button
    ><button type="button" tabindex="-1" aria-label="{field.label} more" onclick={() => move(1)}
      >+</button
    >
  </span>
{/snippet}

{#if field.kind === 'readings'}
  <ReadingPad {field} bind:state {unit} {message} {changed} bind:reading />
{:else if field.kind === 'rows'}
  <RowsOf {field} bind:state {message} {changed} />
{:else if field.kind === 'yes'}
  <label class="tick">
    <input
      type="checkbox"
      checked={state[field.key] === 'yes'}
      onchange={(e) => {
        state[field.key] = e.currentTarget.checked ? 'yes' : '';
        changed();
      }}
    />
    {field.label}
  </label>
{:else if field.kind === 'choice'}
  <FieldOf
    label={field.label}
    bind:value={() => state[field.key] ?? '', (v) => (state[field.key] = v)}
    {message}
  >
    {#snippet options()}
      {#each field.choices ?? [] as [code, words] (code)}<option value={code}>{words}</option
        >{/each}
    {/snippet}
  </FieldOf>
{:else}
  <div class="typed" class:stepped={isStepped}>
    <FieldOf
      label={field.label}
      bind:value={() => state[field.key] ?? '', (v) => (state[field.key] = v)}
      {message}
      hint={field.hint}
      maxlength={MOST_TYPED}
      onkeydown={step}
      beside={isStepped ? steps : undefined}
    >
      {#if usual.length}
        <select
          class="pick"
          aria-label="Usual sizes, {field.label}"
          value=""
          onchange={(e) => {
            e.stopPropagation();
            pick(e.currentTarget.value);
            e.currentTarget.value = '';
          }}
        >
          <option value="">usual sizes</option>
          {#each usual as size (size.name)}<option value={size.name}>{size.name}</option>{/each}
        </select>
      {/if}
    </FieldOf>
  </div>
{/if}

<style>
  .stepped :global(input) {
    padding-right: 4.5rem;
  }
  .steps {
    position: absolute;
    right: 0;
    top: 0;
    display: flex;
  }
  .steps button {
    width: 2.125rem;
    height: 2.5rem;
    background: none;
    border: 0;
    color: var(--ink-soft);
    font: inherit;
    font-size: 1.125rem;
    cursor: pointer;
  }
  .steps button:hover {
    color: var(--copper);
  }
  .pick {
    width: 100%;
    min-height: 2rem;
    background: none;
    border: 0;
    color: var(--copper);
    font: inherit;
    font-size: 0.8125rem;
  }
  .tick {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: 2.5rem;
    align-self: end;
  }
  .tick input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--copper-fill);
  }
</style>
