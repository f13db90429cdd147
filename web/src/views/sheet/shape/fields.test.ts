import { describe, expect, it } from 'vitest';
import { FIELDS, JOINT, asTyped, find, typed } from './fields';

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

  it('comes back as it was', () => {
    expect(asTyped(['a', { name: 'Pad set' }])).toBe('a\nPad set');
    expect(asTyped(undefined)).toBe('');
    expect(asTyped(2.5)).toBe('2.5');
  });
});

it('every field of a joint the issue names can be shaped', () => {
  const all = JOINT.map((f) => f.at.join('.'));
  expect(all).toEqual(
    expect.arrayContaining([
      'thread',
      'count',
      'propertyClass',
      'head',
      'drive',
      'layout',
      'eachSide',
      'surface.lock',
      'surface.makerSays',
      'role',
      'critical',
      'title',
      'minutes',
    ]),
  );
  expect(Object.keys(FIELDS)).toEqual(
    expect.arrayContaining(['joints', 'steps', 'checks', 'asFound', 'inspections', 'parts']),
  );
});
