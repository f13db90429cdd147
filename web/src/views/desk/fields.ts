import type { Schemas } from '../../api/client';

type Lists = Schemas['ChoicesResponse'];

/** One thing that is set at the desk: how it is asked for, printed, and found by the server's words. */
interface Field {
  label: string;
  /** Its name on paper, where it stands without its heading. */
  onPaper?: string;
  hint?: string;
  /** What stands there before anyone has set it. */
  fresh?: string;
  /** The list it is chosen from. */
  from?: { [K in keyof Lists]: Lists[K] extends { code: string }[] ? K : never }[keyof Lists];
  /** The name of the one that means nothing was chosen. */
  none?: string;
  /** Where the server finds fault with it. */
  at?: RegExp;
  /** It counts only beside this one. */
  beside?: string;
}

const fields = {
  torque: {
    label: 'Torque as stated',
    hint: '22 Nm · 16-18 ftlb · max 5 Nm',
    at: /torqueText|torqueNm|torqueBandNm/,
  },
  thread: { label: 'Thread', fresh: 'M8' },
  mark: { label: 'Class', fresh: '8.8' },
  head: { label: 'Head', fresh: 'HEX', from: 'heads' },
  yield: { label: 'Yield, MPa', at: /yieldMPa|propertyClass/ },
  ultimate: { label: 'Ultimate, MPa', at: /ultimateMPa/ },
  condition: { label: 'Threads are', fresh: 'UNKNOWN', from: 'conditions' },
  into: { label: 'Screwed into', from: 'materials', none: 'not known' },
  length: { label: 'Full thread, mm', at: /engagement/ },
  grip: { label: 'Grip, mm', at: /grip(?!\.)|grip\.length/ },
  outer: { label: 'Width round it, mm', at: /grip\.outer/ },
  young: {
    label: 'E, MPa',
    onPaper: 'E of the parts, MPa',
    hint: 'steel when empty',
    at: /grip\.young/,
  },
  interfaces: { label: 'Inner faces', at: /interfaces/ },
  pressure: { label: 'Stands, MPa', onPaper: 'Surface stands, MPa', at: /pressureLimit/ },
  axial: { label: 'Pulling apart, N', at: /axial/ },
  transverse: { label: 'Shifting, N', at: /transverse/ },
  slip: { label: 'Friction there', at: /slipFriction/ },
  role: { label: 'It', from: 'roles', none: 'does what its thread usually does' },
  deviation: { label: 'Tool, ± %', at: /toolDeviation/ },
  prevailing: { label: 'Prevailing, N·m', at: /prevailing/ },
  utilisation: { label: 'Of yield, %', hint: '90 when empty', at: /utilisation/ },
  count: { label: 'How many', at: /group\.count/ },
  layout: {
    label: 'Layout',
    onPaper: 'They sit',
    fresh: 'CIRCLE',
    from: 'layouts',
    beside: 'count',
  },
  passes: { label: 'Passes', fresh: '3', at: /passes/, beside: 'count' },
  spacing: { label: 'Spacing, mm', hint: 'not known', at: /spacing/ },
  spread: { label: 'Wanted spread, %', hint: '5 when empty', at: /wantedSpread/ },
  tube: { label: 'Tube, mm', hint: '31.8', at: /tube(?!\.)|tube\.diameter/ },
  clampWidth: { label: 'Clamp width, mm', hint: 'along the tube', at: /tube\.widthMm/ },
  clampStyle: {
    label: 'Closes by',
    onPaper: 'Clamp closes by',
    fresh: 'FACEPLATE',
    from: 'clampStyles',
    at: /tube\.style/,
    beside: 'tube',
  },
  clampBolts: {
    label: 'Bolts in all',
    onPaper: 'Clamp bolts in all',
    fresh: '4',
    at: /tube\.bolts/,
    beside: 'tube',
  },
  clampFriction: {
    label: 'Friction on the tube',
    fresh: '0.2',
    at: /tube\.friction/,
    beside: 'tube',
  },
  tubeStands: { label: 'Stands, MPa', onPaper: 'Tube stands, MPa', at: /tube\.limitMPa/ },
  tubeMax: { label: 'Only a maximum, N·m', at: /tube\.limitNm/ },
  gaps: { label: 'Gaps, mm', hint: '2.1 2.3 2.2 2.2', at: /tube\.gaps/ },
  gapStyle: {
    label: 'Meant to close',
    onPaper: 'Plate closes',
    fresh: 'EVEN',
    from: 'gapStyles',
    at: /tube\.gapStyle/,
    beside: 'gaps',
  },
} satisfies Record<string, Field>;

export type DeskKey = keyof typeof fields;

/** Every field of the desk, in the order in which a joint is told. */
export const FIELDS: Record<DeskKey, Field> = fields;
export const KEYS = Object.keys(fields) as DeskKey[];

/** What a person has set at the desk, as text: what is typed is kept as typed. */
export type DeskState = Record<DeskKey, string>;

export const FRESH = Object.fromEntries(
  KEYS.map((key) => [key, FIELDS[key].fresh ?? '']),
) as DeskState;

/** The parts of the form that open when they are wanted: by which field, and what is in them. */
export const FOLDS: { summary: string; opens: DeskKey[]; fields: DeskKey[] }[] = [
  {
    summary: 'Clamped parts',
    opens: ['grip', 'outer', 'young', 'interfaces'],
    fields: ['grip', 'outer', 'young', 'interfaces', 'pressure'],
  },
  {
    summary: 'Loads in use, one bolt',
    opens: ['axial', 'transverse', 'slip'],
    fields: ['axial', 'transverse', 'slip'],
  },
  {
    summary: 'Tool and thread',
    opens: ['role', 'prevailing', 'deviation', 'utilisation'],
    fields: ['role', 'deviation', 'prevailing', 'utilisation'],
  },
  {
    summary: 'A group of them',
    opens: ['count'],
    fields: ['count', 'layout', 'passes', 'spacing', 'spread'],
  },
  {
    summary: 'A tube they clamp',
    opens: ['tube', 'clampWidth'],
    fields: [
      'tube',
      'clampWidth',
      'clampStyle',
      'clampBolts',
      'clampFriction',
      'tubeStands',
      'tubeMax',
      'gaps',
      'gapStyle',
    ],
  },
];

/** Where a problem of the server belongs on the desk. */
export function placeOf(field: string): DeskKey {
  return KEYS.find((key) => FIELDS[key].at?.test(field)) ?? 'thread';
}

/** A field's value in words, as its list has them. */
export function wordsOf(key: DeskKey, code: string, choices: Lists): string {
  const list = FIELDS[key].from;
  return (list && choices[list].find((c) => c.code === code)?.words) ?? code;
}

/** True when a field has something to say: it is set, and what brings it in is set too. */
export const counts = (desk: DeskState, key: DeskKey): boolean =>
  desk[key] !== '' && desk[(FIELDS[key].beside as DeskKey | undefined) ?? key] !== '';
