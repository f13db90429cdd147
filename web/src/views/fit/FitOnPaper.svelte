<script lang="ts">
  import type { LengthUnit } from '../../ruler/lengths';
  import OnPaper from '../../shell/OnPaper.svelte';
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
      .map((f) => ({
        key: f.key,
        name: (f.group ? `${f.group}: ` : '') + f.label,
        value: wordsOf(f),
      })),
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

<OnPaper {set} {address} />
