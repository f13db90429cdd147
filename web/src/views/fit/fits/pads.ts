import { length, measured, number } from '../asking';
import type { Fit } from '../fields';
import { box, mm, type Section } from '../pieces';

const section: Section = (v, told) => {
  const [fresh, now, limit] = [mm(v, 'newMm'), mm(v, 'nowMm'), mm(v, 'limitMm')];
  if (fresh === undefined || now === undefined || limit === undefined) return undefined;
  const wide = 6 * Math.max(fresh, 1);
  return {
    boxes: [
      box(0, 0, wide, 1.2 * Math.max(fresh, 1), 'part'),
      box(0, -fresh, wide, fresh, 'ghost'),
      box(0, -now, wide, now, 'spacer'),
    ],
    lines: [
      {
        points: [
          [-wide * 0.05, -limit],
          [wide * 1.05, -limit],
        ],
        kind: 'axis',
      },
    ],
    dims: [
      { along: 'y', from: -fresh, to: 0, at: wide, label: `new ${told.say(fresh)}` },
      {
        along: 'y',
        from: -now,
        to: 0,
        at: wide,
        label: `now ${told.say(now)}`,
        fails: told.fails.includes('nowMm'),
      },
      { along: 'y', from: -limit, to: 0, at: wide, label: `limit ${told.say(limit)}` },
    ],
  };
};

export const pads: Fit = {
  code: 'PADS',
  call: 'pads',
  asks: 'How long pads last, if they go on as they did.',
  section,
  says: { good: 'May be ridden', bad: 'Must be renewed' },
  fields: [
    length('newMm', 'When new', { fresh: '4', step: 0.1, needed: true }),
    length('nowMm', 'Now', { fresh: '2.2', step: 0.1, needed: true }),
    length('limitMm', 'Limit', { fresh: '1', step: 0.1, needed: true }),
    number('distanceKm', 'Ridden since new, km', { fresh: '6000', step: 100, needed: true }),
    measured,
  ],
};
