import { describe, expect, it } from 'vitest';
import schema from '../../../../../docs/formats/job-pack.schema.json';
import {
  FIELDS,
  JOB,
  JOINT,
  around,
  asTyped,
  bareField,
  find,
  namesIn,
  typed,
  whenInWords,
  type Json,
} from './fields';

const DOCUMENT = {
  title: 'Pads',
  joints: [{ id: 'caliper', thread: 'M8', surface: { lock: 'NONE' } }],
  asFound: ['tyre arrow', { what: 'gap', unit: 'mm' }],
  around: [{ pack: 'crank', document: { joints: [{ id: 'pinch', count: 2 }] } }],
};

describe('a place of a document', () => {
  it.each([
    [['title'], 'Pads'],
    [['joints', 'caliper', 'thread'], 'M8'],
    [['joints', 'caliper', 'surface', 'lock'], 'NONE'],
    [['asFound', 'tyre arrow'], 'tyre arrow'],
    [['asFound', 'gap', 'unit'], 'mm'],
    [['around', 'crank', 'document', 'joints', 'pinch', 'count'], 2],
    [['joints', 'axle'], undefined],
    [['title', 'deeper'], undefined],
  ])('%j', (at, value) => {
    expect(find(DOCUMENT, at)).toEqual(value);
  });
});

describe('what was typed', () => {
  it.each([
    ['text', ' M8 ', 'M8'],
    ['text', '  ', undefined],
    ['number', '2,5', 2.5],
    ['number', 'two', 'two'],
    ['yes', 'true', true],
    ['yes', 'false', false],
    ['lines', 'one\n\n two ', ['one', 'two']],
    ['choice', 'CIRCLE', 'CIRCLE'],
  ] as const)('%s “%s”', (kind, text, value) => {
    expect(typed(kind, text)).toEqual(value);
  });

  it.each([
    ['30 66,7 100', [30, 66.7, 100]],
    ['30, 70, 100', [30, 70, 100]],
    ['50;100', [50, 100]],
    ['', undefined],
    ['half', ['half']],
  ])('passes “%s”', (text, value) => {
    expect(typed('numbers', text)).toEqual(value);
  });

  it('of several that are chosen is a list, of none nothing', () => {
    expect(typed('many', 'pinch\naxle')).toEqual(['pinch', 'axle']);
    expect(typed('many', ' ')).toBeUndefined();
  });

  it('of a condition is what was chosen, or always', () => {
    expect(typed('when', '{"pins":["two"]}')).toEqual({ pins: ['two'] });
    expect(typed('when', '')).toBeUndefined();
  });

  const ANSWERS = [
    { id: 'one', words: 'One pin' },
    { id: 'two', words: 'Two pins' },
  ];
  it.each([
    ['moved', 'Two pins\nOne pin', ['two', 'one']],
    ['reworded', 'A single pin\nTwo pins', ['one', 'two']],
    ['another between', 'One pin\nA clip\nTwo pins', ['one', '2 A clip', 'two']],
    ['one gone', 'Two pins', ['two']],
  ])('of answers keeps their names: %s', (_, text, ids) => {
    const said = typed('answers', text, ANSWERS) as { id: string; words: string }[];
    expect(said.map((a) => a.id)).toEqual(ids);
    expect(said.map((a) => a.words)).toEqual(text.split('\n'));
  });

  it('comes back as it was', () => {
    expect(asTyped(['a', { name: 'Pad set' }])).toBe('a\nPad set');
    expect(asTyped(undefined)).toBe('');
    expect(asTyped(2.5)).toBe('2.5');
    expect(asTyped(ANSWERS)).toBe('One pin\nTwo pins');
    expect(asTyped([30, 100])).toBe('30\n100');
  });
});

describe('under which answer something belongs to a job', () => {
  const document: Json = {
    options: [
      {
        id: 'pins',
        question: 'How many pins?',
        answers: [
          { id: 'one', words: 'One.' },
          { id: 'two', words: 'Two.' },
        ],
      },
    ],
    together: [{ pack: 'pads', document: { options: [], joints: [{ id: 'pin' }] } }],
  };
  it.each([
    [undefined, ''],
    [{ pins: ['two'] }, 'How many pins? Two.'],
    [{ pins: ['one', 'two'] }, 'How many pins? One. or Two.'],
    [{ gone: ['yes'] }, 'gone yes'],
  ])('%j', (when, words) => {
    expect(whenInWords(when, document)).toBe(words);
  });

  it('is asked by the document it stands in', () => {
    expect(around(document, ['joints', 'pin'])).toBe(document);
    expect(around(document, ['together', 'pads', 'document', 'joints', 'pin'])).toEqual({
      options: [],
      joints: [{ id: 'pin' }],
    });
  });
});

it('a bare text of a list stands for the field that names it', () => {
  expect(bareField(['asFound', 'tyre arrow'])).toBe('what');
  expect(bareField(['together', 'pads', 'document', 'fitChecks', 'Is it long?'])).toBe('question');
  expect(bareField(['joints', 'pin'])).toBe('');
  expect(namesIn(['a', { id: 'b' }, { name: 'c' }])).toEqual(['a', 'b', 'c']);
});

describe('everything a pack says can be shaped', () => {
  type Node = { properties?: Record<string, Node>; items?: Node; oneOf?: Node[] };
  const properties = (schema as Node).properties ?? {};
  const said = (node: Node | undefined, before = ''): string[] =>
    Object.entries(node?.properties ?? {}).flatMap(([name, inner]) =>
      inner.properties && name !== 'when' ? said(inner, `${before}${name}.`) : [before + name],
    );
  const ofList = (list: string): Node => {
    const items = properties[list]?.items ?? {};
    return items.oneOf?.find((o) => o.properties) ?? items;
  };
  /** Ids stay; values are evidence, added and taken back; a job inside has pages of its own. */
  const STAYS = ['id', 'values', 'pack', 'document'];

  it.each(Object.keys(FIELDS))('%s', (list) => {
    const shaped = (FIELDS[list] ?? []).map((f) => f.at.join('.'));
    expect(shaped).toEqual(
      expect.arrayContaining(said(ofList(list)).filter((name) => !STAYS.includes(name))),
    );
  });

  it('the job', () => {
    const lists = [...Object.keys(FIELDS), 'order', 'together'];
    const named = ['format', 'version', 'key', 'machineKind', 'models'];
    expect(JOB.map((f) => f.at.join('.'))).toEqual(
      expect.arrayContaining(
        Object.keys(properties).filter((name) => ![...lists, ...named].includes(name)),
      ),
    );
  });
});

it('what is told of a joint first is what a mechanic changes most', () => {
  expect(JOINT.filter((f) => f.first).map((f) => f.at.join('.'))).toEqual(
    expect.arrayContaining(['thread', 'count', 'propertyClass', 'drive', 'critical', 'eachSide']),
  );
});
