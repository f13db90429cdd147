import type { Schemas } from '../../../api/client';
import type { Box, Dim, Line } from '../../../ruler/drawing';
import { length, lengths, LIMITS, measured, within } from '../asking';
import type { Field, Fit } from '../fields';
import { box, inRow, mm, sum, type Section } from '../pieces';
import type { Values } from '../state';

/** An axle from its head at 0 to its end. */
function axleAt(
  v: Values,
  which: string,
  y: number,
  from: number,
): { boxes: Box[]; lines: Line[] } {
  const d = mm(v, `${which}.diameterMm`) ?? 12;
  const length = mm(v, `${which}.lengthMm`) ?? 0;
  const holds = mm(v, `${which}.engagementMm`) ?? 0;
  const cone = v[`${which}.head`] === 'CONE';
  const head: [number, number][] = [
    [from - 8, y - d],
    [from, y - (cone ? d / 2 : d)],
    [from, y + (cone ? d / 2 : d)],
    [from - 8, y + d],
    [from - 8, y - d],
  ];
  return {
    boxes: [
      box(from, y - d / 2, length, d, 'part'),
      ...(holds ? [box(from + length - holds, y - d / 2, holds, d, 'thread')] : []),
    ],
    lines: [{ points: head, kind: 'edge' }],
  };
}

const section: Section = (v, told) => {
  const [old, fresh] = [mm(v, 'old.lengthMm'), mm(v, 'new.lengthMm')];
  if (old === undefined || fresh === undefined) return undefined;
  const d = Math.max(mm(v, 'old.diameterMm') ?? 12, mm(v, 'new.diameterMm') ?? 12);
  const best = (told.answer as Schemas['ThroughAxleResponse'] | undefined)?.best ?? [];
  // With spacers under its head the new one begins further out.
  const begin = -sum(best);
  const y = 3 * d;
  const one = axleAt(v, 'old', 0, 0);
  const two = axleAt(v, 'new', y, begin);
  const dims: Dim[] = [
    { along: 'x', from: 0, to: old, at: d / 2, label: `old ${told.say(old)}` },
    {
      along: 'x',
      from: begin,
      to: begin + fresh,
      at: y + d / 2,
      label: `new ${told.say(fresh)}`,
      fails: told.fails.includes('lengthMm'),
    },
  ];
  if (best.length) {
    dims.push({
      along: 'x',
      from: begin,
      to: 0,
      at: y + d,
      label: `spacers ${told.say(sum(best))}`,
    });
  }
  const holds = mm(v, 'new.engagementMm');
  if (holds) {
    dims.push({
      along: 'x',
      from: begin + fresh - holds,
      to: begin + fresh,
      at: y + d / 2,
      label: `holds ${told.say(holds)}`,
      fails: told.fails.includes('engagementMm'),
    });
  }
  return {
    boxes: [...one.boxes, ...two.boxes, ...inRow(best, begin, y - d, 2 * d, 'spacer')],
    lines: [
      ...one.lines,
      ...two.lines,
      {
        points: [
          [old, -d],
          [old, y + d],
        ],
        kind: 'axis',
      },
      {
        points: [
          [0, -d],
          [0, y + d],
        ],
        kind: 'axis',
      },
    ],
    dims,
  };
};

const axle = (which: string, fresh: string, engaged: string): Field[] => [
  length(`${which}.diameterMm`, 'Thread diameter', {
    fresh: '12',
    needed: true,
    pick: { what: 'AXLE', first: `${which}.diameterMm`, second: `${which}.pitchMm` },
  }),
  length(`${which}.pitchMm`, 'Pitch', { fresh: '1.5', step: 0.25, needed: true }),
  length(`${which}.lengthMm`, 'Length under its head', { fresh, needed: true }),
  length(`${which}.engagementMm`, 'Thread that holds', { fresh: engaged }),
  {
    key: `${which}.head`,
    label: 'Head',
    kind: 'choice',
    fresh: 'FLAT',
    choices: [
      ['FLAT', 'flat'],
      ['CONE', 'cone'],
    ],
  },
];
export const throughAxle: Fit = {
  code: 'THROUGH_AXLE',
  call: 'through-axle',
  asks: 'Whether a new axle does in the place of the old one.',
  section,
  fields: [
    ...within('The old one', axle('old', '172', '12')),
    ...within('The new one', axle('new', '180', '12')),
    ...within('To make up the length', [
      lengths('spacersMm', 'Spacers in the box', { fresh: '5 3', needed: true }),
    ]),
    length('toleranceMm', 'Lengths may differ by', { fold: LIMITS }),
    measured,
  ],
};
