<script lang="ts">
  import type { Schemas } from '../../api/client';
  import Bars, { type Bar } from '../../ruler/Bars.svelte';
  import RoundPlot from '../../ruler/RoundPlot.svelte';
  import StackRuler from '../../ruler/StackRuler.svelte';
  import TimePlot from '../../ruler/TimePlot.svelte';
  import { plain } from '../../joint/figures';
  import type { Fit } from './fields';
  import type { Values } from './state';

  interface Props {
    fit: Fit;
    what: string;
    values: Values;
    /** What it last came to. */
    answer: unknown;
    fails: string[];
    reading: number;
    say: (mm: number) => string;
  }
  let { fit, what, values, answer, fails, reading, say }: Props = $props();
  const TURN = 360;
  const section = $derived(fit.section?.(values, { say, fails, answer }));
  const numbers = (key: string) =>
    Array.isArray(values[key])
      ? (values[key] as unknown[]).filter((x) => typeof x === 'number')
      : [];
  const readings = $derived(numbers(fit.code === 'PRESS_FIT' ? 'boreReadingsMm' : 'readingsMm'));
  const angles = $derived.by(() => {
    const typed = numbers('anglesDeg');
    return typed.length === readings.length
      ? typed
      : readings.map((_, i) => (i * TURN) / readings.length);
  });
  interface Round {
    fittedMm?: number[];
    wobbleAtDeg?: number;
    tiltAtDeg?: number;
  }
  const round = $derived((answer ?? {}) as Round);
  const cup = $derived(typeof values['cupMm'] === 'number' ? values['cupMm'] : undefined);

  const bars = $derived.by((): Bar[] => {
    if (fit.code === 'POSITIONS') {
      const items = (answer as Schemas['PositionsResponse'] | undefined)?.items ?? [];
      const typed = (values['items'] as { toleranceMm?: number }[] | undefined) ?? [];
      return items.map((item, i) => {
        const room = typed[i]?.toleranceMm ?? 0;
        return {
          name: item.name,
          value: item.differenceMm,
          words: `${item.differenceMm > 0 ? '+' : ''}${say(Number(item.differenceMm.toFixed(3)))}`,
          room: [-room, room],
          fails: fails.includes(`items[${i}]`),
        };
      });
    }
    if (fit.code === 'MASS') {
      const mass = answer as Schemas['MassResponse'] | undefined;
      if (!mass) return [];
      const grams = (g: number) => `${g > 0 ? '+' : ''}${plain(g)} g`;
      return [
        { name: 'carried', value: mass.changeG, words: grams(mass.changeG) },
        ...(mass.equivalentByGearG ?? [mass.equivalentChangeG]).map((g, i, all) => ({
          name: all.length > 1 ? `speeding up, gear ${i + 1}` : 'speeding up',
          value: g,
          words: grams(g),
        })),
      ];
    }
    if (fit.code === 'POWER_CHECK') {
      const check = answer as Schemas['PowerCheckResponse'] | undefined;
      const typed = (values['readings'] as { side?: string }[] | undefined) ?? [];
      const most =
        typeof values['withinPercent'] === 'number' ? values['withinPercent'] : undefined;
      return (check?.errorPercent ?? []).map((e, i) => ({
        name: typed[i]?.side ?? '',
        value: e,
        words: `${e > 0 ? '+' : ''}${plain(e)} %`,
        room: most === undefined ? undefined : [-most, most],
        fails: fails.includes(`readings[${i}]`),
      }));
    }
    return [];
  });
  const log = $derived(
    ((values['readings'] as { at?: string; value?: number }[] | undefined) ?? []).flatMap((r) =>
      r.at && typeof r.value === 'number' ? [{ at: r.at, value: r.value }] : [],
    ),
  );
</script>

{#if section}
  <StackRuler drawing={section} {what} />
{:else if fit.code === 'RUNOUT' || fit.code === 'FLUSHNESS' || fit.code === 'PRESS_FIT'}
  <RoundPlot
    {readings}
    anglesDeg={angles}
    fitted={round.fittedMm?.length === readings.length ? round.fittedMm : undefined}
    highAtDeg={round.wobbleAtDeg ?? round.tiltAtDeg}
    against={fit.code === 'PRESS_FIT' ? cup : undefined}
    at={reading}
    fails={fails.length > 0}
    {say}
    {what}
  />
{:else if fit.code === 'ZERO_OFFSET'}
  <TimePlot
    readings={log}
    limit={(answer as Schemas['ZeroOffsetResponse'] | undefined)?.limit}
    fails={fails.length > 0}
  />
{:else if bars.length}
  <Bars {bars} {what} />
{/if}
