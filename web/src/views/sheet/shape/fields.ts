import type { Schemas } from '../../../api/client';

type Choices = Schemas['ChoicesResponse'];

/** What stands in a document at some place. */
export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
export type Document = { [key: string]: Json };

/** One thing of a joint, a step or a part that can be shaped. */
export interface ShapeField {
  /** The way from the element to it. */
  at: string[];
  label: string;
  kind: 'text' | 'long' | 'number' | 'yes' | 'choice' | 'lines';
  choices?: (from: Choices) => { code: string; words: string }[];
  /** Stands open; the rest is folded away until somebody wants it. */
  first?: boolean;
}

const YES = 'yes' as const;
const field = (
  path: string,
  label: string,
  kind: ShapeField['kind'],
  more: Partial<ShapeField> = {},
): ShapeField => ({ at: path.split('.'), label, kind, ...more });
const pick = (path: string, label: string, from: keyof Choices, more: Partial<ShapeField> = {}) =>
  field(path, label, 'choice', {
    choices: (all) => all[from] as { code: string; words: string }[],
    ...more,
  });

export const JOINT: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('thread', 'Thread', 'text', { first: true }),
  field('count', 'How many', 'number', { first: true }),
  field('propertyClass', 'Class', 'text', { first: true }),
  pick('head', 'Head', 'heads', { first: true }),
  field('drive', 'Drive', 'text', { first: true }),
  pick('layout', 'How they sit', 'layouts', { first: true }),
  pick('role', 'What it is for', 'roles', { first: true }),
  field('critical', 'Critical', YES, { first: true }),
  field('eachSide', 'Once on each side', YES, { first: true }),
  pick('surface.makerSays', 'The maker says', 'products', { first: true }),
  pick('surface.lock', 'Locked by', 'locks', { first: true }),
  pick('surface.bolt', 'Bolt of', 'materials'),
  pick('surface.female', 'Screwed into', 'materials'),
  pick('surface.clamped', 'Clamps', 'clampedMaterials'),
  pick('surface.kind', 'Product goes on', 'surfaces'),
  pick('surface.hole', 'Hole', 'holes'),
  field('surface.vibrates', 'Vibrates', YES),
  field('surface.mustComeApart', 'Must come apart', YES),
  field('surface.nearPlastic', 'Near plastic', YES),
  field('surface.nearCarbon', 'Near carbon', YES),
  field('surface.temperatureC', 'Gets hot, °C', 'number'),
  field('carbon', 'Clamps carbon', YES),
  field('softThread', 'Soft or repaired thread', YES),
  field('settles', 'Settles', YES),
  field('wheel', 'Holds a wheel', YES),
  pick('aim', 'Aim within the band', 'aims'),
  pick('gapStyle', 'Gap closes', 'gapStyles'),
  field('hand', 'Left-hand thread', 'choice', {
    choices: () => [
      { code: 'RIGHT', words: 'no' },
      { code: 'LEFT', words: 'yes' },
    ],
  }),
  pick('turn', 'Which end is turned', 'turns'),
  field('counterHold', 'Held with', 'text'),
  field('access', 'In the way', 'text'),
  field('usedOnce', 'Renewed each time', YES),
  field('minutes', 'Minutes', 'number'),
  field('undo.text', 'How it is undone', 'text'),
  field('place', 'Place at the machine', 'text'),
  field('traps', 'What goes wrong here', 'lines'),
  field('slots', 'Look the value up in', 'lines'),
];

export const STEP: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('text', 'What to do', 'long', { first: true }),
  pick('phase', 'Part of the work', 'phases', { first: true }),
  field('hold', 'Hold point', YES, { first: true }),
  field('minutes', 'Minutes', 'number', { first: true }),
  field('traps', 'What goes wrong here', 'lines', { first: true }),
  field('eachSide', 'Once on each side', YES),
  pick('kind', 'Kind of step', 'stepKinds'),
  field('before', 'Right before the joint', 'text'),
  field('after', 'Right after the joint', 'text'),
];

export const CHECK: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('text', 'What must be so', 'long', { first: true }),
];

export const MEASURE: ShapeField[] = [
  field('what', 'What', 'text', { first: true }),
  field('unit', 'Unit of the figure', 'text', { first: true }),
  field('min', 'At least', 'number', { first: true }),
  field('max', 'At most', 'number', { first: true }),
  field('limit', 'Where the limit stands', 'text', { first: true }),
  field('within', 'Comes back within', 'number'),
  field('eachSide', 'Once on each side', YES),
];

export const PART: ShapeField[] = [
  field('name', 'Part', 'text', { first: true }),
  field('count', 'How many', 'number', { first: true }),
  pick('role', 'What it is to the job', 'partRoles', { first: true }),
  field('eachSide', 'Counted for each side', YES, { first: true }),
];

export const RECHECK: ShapeField[] = [
  field('why', 'Look again because', 'text', { first: true }),
  field('afterFirstRide', 'After the first ride', YES, { first: true }),
  field('km', 'After km', 'number', { first: true }),
  field('hours', 'After hours', 'number', { first: true }),
  field('days', 'After days', 'number', { first: true }),
];

export const JOB: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('summary', 'In a sentence', 'long', { first: true }),
  field('fits', 'What is fitted', 'text', { first: true }),
  field('fitChecks', 'Must fit', 'lines', { first: true }),
  field('specialTools', 'Special tools', 'lines', { first: true }),
  field('consumables', 'On the bench', 'lines', { first: true }),
  field('cautions', 'Cautions', 'lines'),
];

/** What can be shaped of an element of a list. */
export const FIELDS: Record<string, ShapeField[]> = {
  joints: JOINT,
  steps: STEP,
  checks: CHECK,
  asFound: MEASURE,
  inspections: MEASURE,
  parts: PART,
  rechecks: RECHECK,
  oneTimeParts: PART.filter((f) => f.at[0] !== 'role'),
};

const NAMES = ['id', 'pack', 'name', 'what', 'question', 'why'];
const named = (element: Json): string => {
  if (typeof element === 'string') return element;
  if (element === null || typeof element !== 'object' || Array.isArray(element)) return '';
  const name = NAMES.map((n) => element[n]).find((n) => typeof n === 'string');
  return typeof name === 'string' ? name : '';
};

/** What stands at a place of a document; undefined for nothing. */
export function find(document: Json, at: string[]): Json | undefined {
  let node: Json | undefined = document;
  for (const name of at) {
    if (Array.isArray(node)) node = node.find((e) => named(e) === name);
    else if (node !== null && typeof node === 'object') node = node[name];
    else return undefined;
  }
  return node ?? undefined;
}

/** What was typed as it stands in a document; undefined for nothing. */
export function typed(kind: ShapeField['kind'], text: string): Json | undefined {
  const said = text.trim();
  if (kind === 'lines') {
    const lines = said.split('\n').map((l) => l.trim());
    return lines.filter(Boolean);
  }
  if (said === '') return undefined;
  if (kind === 'yes') return said === 'true';
  if (kind !== 'number') return said;
  const figure = Number(said.replace(',', '.'));
  return Number.isFinite(figure) ? figure : said;
}

/** A value of a document as it is typed. */
export const asTyped = (value: Json | undefined): string =>
  value === undefined || value === null
    ? ''
    : Array.isArray(value)
      ? value.map((v) => (typeof v === 'string' ? v : named(v))).join('\n')
      : typeof value === 'object'
        ? ''
        : String(value);
