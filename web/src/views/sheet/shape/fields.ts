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
  kind:
    | 'text'
    | 'long'
    | 'number'
    | 'numbers'
    | 'yes'
    | 'choice'
    | 'lines'
    /** Several of the choices. */
    | 'many'
    /** The answers to a question, one a line. */
    | 'answers'
    /** Under which answer it belongs to the job. */
    | 'when';
  /** What is chosen from: what the application knows, or what stands in the same document. */
  choices?: (from: Choices, document: Json) => { code: string; words: string }[];
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

const titled = (list: string) => (_: Choices, document: Json) => {
  const all = find(document, [list]);
  return Array.isArray(all)
    ? all.map((e) => ({ code: named(e), words: asTyped(find(e, ['title'])) || named(e) }))
    : [];
};
const among = (path: string, label: string, list: string, kind: 'choice' | 'many' = 'choice') =>
  field(path, label, kind, { choices: titled(list) });
const WHEN = field('when', 'Only when', 'when', {
  choices: (_, document) => {
    const asked = find(document, ['options']);
    return !Array.isArray(asked)
      ? []
      : asked.flatMap((o) =>
          (find(o, ['answers']) as Json[]).map((a) => ({
            code: JSON.stringify({ [named(o)]: [named(a)] }),
            words: `${asTyped(find(o, ['question']))} ${asTyped(find(a, ['words']))}`,
          })),
        );
  },
});
const SIDE = pick('side', 'On one side only', 'sides');

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
  field('surface.nutAccess', 'The nut can be reached', YES),
  field('surface.vibrates', 'Vibrates', YES),
  field('surface.mustComeApart', 'Must come apart', YES),
  field('surface.nearPlastic', 'Near plastic', YES),
  field('surface.nearCarbon', 'Near carbon', YES),
  field('surface.temperatureC', 'Gets hot, °C', 'number'),
  field('carbon', 'Clamps carbon', YES),
  field('softThread', 'Soft or repaired thread', YES),
  field('settles', 'Settles', YES),
  field('wheel', 'Holds a wheel', YES),
  field('control', 'Control on a bar', YES),
  pick('aim', 'Aim within the band', 'aims'),
  field('passesPercent', 'Passes, %', 'numbers'),
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
  field('tried', 'Only tried at its target, as it is', YES),
  field('leftAtNm', 'Tried at, N·m, where no value says it', 'number'),
  field('slipTest', 'Tested for slip by', 'text'),
  field('setToCheck.feel', 'Set to its check: what must be felt', 'text'),
  field('setToCheck.atMost', 'Set to its check: at most, N·m', 'number'),
  field('setToCheck.drawTo.nm', 'Drawn first to, N·m, where the maker says so', 'number'),
  field('setToCheck.drawTo.saidBy', 'Document and page that say so', 'text'),
  field('castellation.slots', 'Slots of its nut', 'number'),
  field('castellation.holes', 'Cross holes through its axle', 'number'),
  field('minutes', 'Minutes', 'number'),
  field('undo.text', 'How it is undone', 'text'),
  among('undo.before', 'Undone right before', 'steps'),
  among('undo.after', 'Undone right after', 'steps'),
  field('place', 'Place at the machine', 'text'),
  field('traps', 'What goes wrong here', 'lines'),
  field('slots', 'Look the value up in', 'lines'),
  SIDE,
  WHEN,
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
  among('before', 'Right before the joint', 'joints'),
  among('after', 'Right after the joint', 'joints'),
  SIDE,
  WHEN,
];

export const CHECK: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('text', 'What must be so', 'long', { first: true }),
  WHEN,
];

export const MEASURE: ShapeField[] = [
  field('what', 'What', 'text', { first: true }),
  field('unit', 'Unit of the figure', 'text', { first: true }),
  field('min', 'At least', 'number', { first: true }),
  field('max', 'At most', 'number', { first: true }),
  field('limit', 'Where the limit stands', 'text', { first: true }),
  field('within', 'Comes back within', 'number'),
  pick('onPart', 'The part says', 'limitEnds'),
  field('eachSide', 'Once on each side', YES),
  SIDE,
  WHEN,
];

export const FIT: ShapeField[] = [
  field('question', 'Must fit', 'text', { first: true }),
  pick('call', 'Answered by', 'fitCalls', { first: true }),
  field('eachSide', 'Once on each side', YES),
  SIDE,
  WHEN,
];

export const PART: ShapeField[] = [
  field('name', 'Part', 'text', { first: true }),
  field('count', 'How many', 'number', { first: true }),
  pick('role', 'What it is to the job', 'partRoles', { first: true }),
  field('eachSide', 'Counted for each side', YES, { first: true }),
  SIDE,
  WHEN,
];

export const RECHECK: ShapeField[] = [
  field('why', 'Look again because', 'text', { first: true }),
  field('afterFirstRide', 'After the first ride', YES, { first: true }),
  field('km', 'After km', 'number', { first: true }),
  field('hours', 'After hours', 'number', { first: true }),
  field('days', 'After days', 'number', { first: true }),
  among('joints', 'About', 'joints', 'many'),
];

export const ASSEMBLY: ShapeField[] = [
  field('title', 'Put together as one', 'text', { first: true }),
  { ...among('joints', 'Its joints', 'joints', 'many'), first: true },
  field('onTheBench', 'On the bench, before the machine is opened', YES, { first: true }),
];

export const QUESTION: ShapeField[] = [
  field('question', 'Question', 'text', { first: true }),
  field('answers', 'Answers, the usual one first', 'answers', { first: true }),
  pick('school', 'Where good people differ', 'schools'),
];

/** A job this one stands inside. */
export const OUTER: ShapeField[] = [{ ...WHEN, first: true }];

export const JOB: ShapeField[] = [
  field('title', 'Title', 'text', { first: true }),
  field('summary', 'In a sentence', 'long', { first: true }),
  field('fits', 'What is fitted', 'text', { first: true }),
  field('specialTools', 'Special tools', 'lines', { first: true }),
  field('consumables', 'On the bench', 'lines', { first: true }),
  field('cautions', 'Cautions', 'lines'),
  field('words', 'Also found by', 'lines'),
  field('sidesInTurn', 'One side is closed before the other is opened', YES),
  field('sidesQuestion', 'How it is asked on which side', 'text'),
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
  fitChecks: FIT,
  assemblies: ASSEMBLY,
  options: QUESTION,
  around: OUTER,
};

/** The field that a bare text of a list stands for. */
const BARE: Record<string, string> = {
  asFound: 'what',
  inspections: 'what',
  fitChecks: 'question',
};

/** The field a bare text stands for at a place; empty where none does. */
export const bareField = (at: string[]): string => BARE[at.at(-2) ?? ''] ?? '';

const NAMES = ['id', 'pack', 'name', 'what', 'question', 'why'];
const named = (element: Json): string => {
  if (typeof element === 'string') return element;
  if (element === null || typeof element !== 'object' || Array.isArray(element)) return '';
  const name = NAMES.map((n) => element[n]).find((n) => typeof n === 'string');
  return typeof name === 'string' ? name : '';
};

/** What the elements of a list are called. */
export const namesIn = (list: Json | undefined): string[] =>
  Array.isArray(list) ? list.map(named).filter(Boolean) : [];

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

/** The document an element stands in: the job's own, or one written into it. */
export const around = (document: Json, at: string[]): Json =>
  find(document, at.slice(0, Math.max(0, at.length - 2))) ?? document;

/** Answers keep their names while their words change. */
function answers(said: string, was: Json | undefined): Json {
  const before = Array.isArray(was) ? was : [];
  const lines = said.split('\n').map((l) => l.trim());
  const wanted = lines.filter(Boolean);
  return wanted.map((words, i) => {
    const same = before.find((a) => find(a, ['words']) === words);
    const there = same ?? (wanted.length === before.length ? before[i] : undefined);
    return { id: there === undefined ? `${i + 1} ${words}`.slice(0, 60) : named(there), words };
  });
}

/**
 * What was typed as it stands in a document; undefined for nothing.
 *
 * @param was what stood there
 */
export function typed(kind: ShapeField['kind'], text: string, was?: Json): Json | undefined {
  const said = text.trim();
  if (kind === 'answers') return answers(said, was);
  if (kind === 'when') return said === '' ? undefined : (JSON.parse(said) as Json);
  if (kind === 'many') return said === '' ? undefined : said.split('\n');
  if (kind === 'numbers') {
    const figures = said.split(/,?[\s;]+|,$/).filter(Boolean);
    return figures.length ? figures.map((f) => typed('number', f) as Json) : undefined;
  }
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
      ? value.map((v) => (typeof v === 'object' ? lineOf(v) : String(v))).join('\n')
      : typeof value === 'object'
        ? JSON.stringify(value)
        : String(value);

/** An answer is typed by its words, all else by its name. */
const lineOf = (element: Json): string => asTyped(find(element, ['words'])) || named(element);

/** Under which answers something belongs to a job, in words; empty for always. */
export function whenInWords(when: Json | undefined, document: Json): string {
  if (when === undefined || when === null || typeof when !== 'object' || Array.isArray(when))
    return '';
  return Object.entries(when)
    .map(([option, answers]) => {
      const asked = find(document, ['options', option]);
      const words = (Array.isArray(answers) ? answers : []).map(
        (a) =>
          asTyped(asked === undefined ? undefined : find(asked, ['answers', String(a), 'words'])) ||
          String(a),
      );
      return `${asTyped(asked === undefined ? undefined : find(asked, ['question'])) || option} ${words.join(' or ')}`;
    })
    .join(', ');
}
