<script lang="ts">
  import type { LengthUnit } from '../../ruler/lengths';
  import type { Field, FitState } from './fields';
  import { rowsOf } from './state';

  interface Props {
    fields: Field[];
    entered: FitState;
    unit: LengthUnit;
    /** Where it opens again. */
    address: string;
  }
  let { fields, entered, unit, address }: Props = $props();
  const set = $derived(
    fields
      .filter((f) => !f.drawnOnly && (entered[f.key] ?? '').trim())
      .map((f) => ({ name: (f.group ? `${f.group}: ` : '') + f.label, value: wordsOf(f) })),
  );
  function wordsOf(f: Field): string {
    const typed = (entered[f.key] ?? '').trim();
    if (f.kind === 'choice') return f.choices?.find(([code]) => code === typed)?.[1] ?? typed;
    if (f.kind === 'rows') {
      return rowsOf(typed)
        .map((cells) => cells.filter(Boolean).join(' '))
        .join('; ');
    }
    const isLength = f.kind === 'length' || f.kind === 'lengths' || f.kind === 'readings';
    return isLength && !/[a-z"″]\s*$/i.test(typed) ? `${typed} ${unit}` : typed;
  }
</script>

<dl>
  {#each set as one (one.name)}<div>
      <dt>{one.name}</dt>
      <dd>{one.value}</dd>
    </div>{/each}
</dl>
<p class="soft">Opens again at {window.location.origin}{address}</p>

<style>
  dl,
  p {
    display: none;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  @media print {
    dl {
      display: grid;
      grid-template-columns: repeat(4, 1fr);
      gap: 0.25rem 1rem;
      margin: 0.5rem 0;
    }
    p {
      display: block;
      overflow-wrap: anywhere;
      font-size: 0.75rem;
    }
  }
</style>
