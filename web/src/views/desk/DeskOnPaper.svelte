<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { toQuery, type DeskState } from './state';

  let { desk, choices }: { desk: DeskState; choices: Schemas['ChoicesResponse'] } = $props();
  const words = (from: { code: string; words: string }[], code: string) =>
    from.find((c) => c.code === code)?.words ?? code;
  type Chosen = 'thread' | 'head' | 'condition' | 'into' | 'layout' | 'clampStyle' | 'gapStyle';

  // Every field is named here, or this does not compile: what is left off the print is lost.
  const LABELS: Record<Exclude<keyof DeskState, Chosen>, string> = {
    torque: 'Torque as stated',
    mark: 'Class',
    yield: 'Yield, MPa',
    ultimate: 'Ultimate, MPa',
    length: 'Full thread, mm',
    grip: 'Grip, mm',
    outer: 'Width round it, mm',
    young: 'E of the parts, MPa',
    interfaces: 'Inner faces',
    pressure: 'Surface stands, MPa',
    axial: 'Pulling apart, N',
    transverse: 'Shifting, N',
    slip: 'Friction there',
    deviation: 'Tool, ± %',
    prevailing: 'Prevailing, N·m',
    utilisation: 'Of yield, %',
    count: 'How many',
    passes: 'Passes',
    spacing: 'Spacing, mm',
    spread: 'Wanted spread, %',
    tube: 'Tube, mm',
    clampWidth: 'Clamp width, mm',
    clampBolts: 'Clamp bolts in all',
    clampFriction: 'Friction on the tube',
    tubeStands: 'Tube stands, MPa',
    tubeMax: 'Only a maximum, N·m',
    gaps: 'Gaps, mm',
  };
  // These have a figure from the start; they count only beside the field that brings them in.
  const BESIDE: Partial<Record<keyof DeskState, keyof DeskState>> = {
    passes: 'count',
    clampBolts: 'tube',
    clampFriction: 'tube',
  };
  const set = $derived([
    ['Thread', desk.thread],
    ['Head', words(choices.heads, desk.head)],
    ['Threads are', words(choices.conditions, desk.condition)],
    ...(desk.into ? [['Screwed into', words(choices.materials, desk.into)]] : []),
    ...(desk.count ? [['They sit', words(choices.layouts, desk.layout)]] : []),
    ...(desk.tube ? [['Clamp closes by', words(choices.clampStyles, desk.clampStyle)]] : []),
    ...(desk.gaps ? [['Plate closes', words(choices.gapStyles, desk.gapStyle)]] : []),
    ...(Object.keys(LABELS) as (keyof typeof LABELS)[])
      .filter((k) => desk[k] !== '' && desk[BESIDE[k] ?? k] !== '')
      .map((k) => [LABELS[k], desk[k]]),
  ]);
</script>

<dl>
  {#each set as [label, value] (label)}<div>
      <dt>{label}</dt>
      <dd>{value}</dd>
    </div>{/each}
</dl>
<p class="soft">Opens again at {window.location.origin}/desk{toQuery(desk)}</p>

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
