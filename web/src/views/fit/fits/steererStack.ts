import type { Schemas } from '../../../api/client';
import type { Dim, Paint } from '../../../ruler/drawing';
import { LIMITS, length, lengths, measured } from '../asking';
import type { Fit } from '../fields';
import { box, list, mm, stacked, sum, type Section } from '../pieces';

const WALL = 2.2;
const section: Section = (v, told) => {
  const [length, stem] = [mm(v, 'steererMm'), mm(v, 'stemHeightMm')];
  if (length === undefined || stem === undefined) return undefined;
  const [below, above] = [list(v, 'spacersBelowMm'), list(v, 'spacersAboveMm')];
  const takeUp = mm(v, 'takeUpMm') ?? 0;
  const r = (mm(v, 'diameter') ?? 28.6) / 2;
  const foot = -takeUp;
  const seat = foot + sum(below);
  const shoulder = seat + stem;
  const top = shoulder + sum(above);
  const ring = 5;
  const both = (pieces: number[], from: number, paint: Paint, wide = ring) => [
    ...stacked(pieces, from, -r - wide, wide, paint),
    ...stacked(pieces, from, r, wide, paint),
  ];
  const answer = told.answer as Schemas['SteererStackResponse'] | undefined;
  const gap = answer?.gapMm;
  const [from, to] = [mm(v, 'expander.fromMm'), mm(v, 'expander.toMm')];
  const bolt = mm(v, 'upperBoltBelowTopMm');
  const dims: Dim[] = [
    { along: 'y', from: -length, to: 0, at: r, label: `steerer ${told.say(length)}` },
    { along: 'y', from: -shoulder, to: -seat, at: r + ring + 34, label: `stem ${told.say(stem)}` },
    {
      along: 'y',
      from: -top,
      to: -length,
      at: r + ring,
      label: gap === undefined ? 'gap' : `gap ${told.say(Number(gap.toFixed(2)))}`,
      fails: told.fails.includes('gapMm'),
    },
  ];
  if (below.length) {
    dims.push({
      along: 'y',
      from: -seat,
      to: -foot,
      at: r + ring,
      label: `below ${told.say(sum(below))}`,
      fails: told.fails.includes('spacersBelowMm'),
    });
  }
  if (above.length) {
    dims.push({
      along: 'y',
      from: -top,
      to: -shoulder,
      at: r + ring,
      label: `above ${told.say(sum(above))}`,
    });
  }
  if (bolt !== undefined) {
    dims.push({
      along: 'y',
      from: -shoulder,
      to: -shoulder + bolt,
      at: r + ring + 30,
      label: `upper bolt ${told.say(bolt)}`,
      fails: told.fails.includes('upperBoltBelowTopMm'),
    });
  }
  if (from !== undefined && to !== undefined) {
    dims.push({
      along: 'y',
      from: -length + from,
      to: -length + to,
      at: r - WALL,
      label: 'expander',
      fails: told.fails.includes('expander'),
    });
  }
  return {
    boxes: [
      box(-r - 12, 0, 12, 9, 'part'),
      box(r, 0, 12, 9, 'part'),
      ...both(below, foot, 'spacer'),
      box(-r - ring - 3, -shoulder, ring + 3, stem, 'part'),
      box(r, -shoulder, ring + 32, stem, 'part'),
      ...both(above, shoulder, 'spacer'),
      box(-r, -length, WALL, length + 9, 'part'),
      box(r - WALL, -length, WALL, length + 9, 'part'),
      ...(from !== undefined && to !== undefined
        ? [box(-r + WALL, -length + from, 2 * (r - WALL), to - from, 'thread' as Paint)]
        : []),
      box(-r - ring, -top - 4, 2 * (r + ring), 4, 'tube'),
      box(-3, -top, 6, Math.min(top, 30), 'tube'),
    ],
    lines: [
      {
        points: [
          [0, 14],
          [0, -top - 9],
        ],
        kind: 'axis',
      },
      ...(bolt === undefined
        ? []
        : [
            {
              points: [
                [r + 4, -shoulder + bolt],
                [r + ring + 26, -shoulder + bolt],
              ] as [number, number][],
              kind: 'axis' as const,
            },
          ]),
    ],
    dims,
  };
};

export const steererStack: Fit = {
  code: 'STEERER_STACK',
  call: 'steerer-stack',
  asks: 'Whether the cap presses on the stack and not on the steerer.',
  section,
  fields: [
    length('steererMm', 'Steerer above the cover', { fresh: '55', needed: true }),
    length('stemHeightMm', 'Stem height', { fresh: '40', needed: true }),
    lengths('spacersBelowMm', 'Spacers below', { fresh: '10', needed: true }),
    lengths('spacersAboveMm', 'Spacers above', { fresh: '5', needed: true }),
    lengths('stockMm', 'Spacers in the box', { hint: '2.5 5 10' }),
    length('takeUpMm', 'Stack shortens under preload by', {
      fresh: '0.2',
      step: 0.1,
      needed: true,
    }),
    {
      key: 'carbon',
      label: 'Steerer is of',
      kind: 'choice',
      fresh: '',
      choices: [
        ['', 'not said'],
        ['no', 'metal'],
        ['yes', 'carbon'],
      ],
    },
    length('target.min', 'Gap at the least', { fold: LIMITS }),
    length('target.aim', 'Gap aimed at', { fold: LIMITS }),
    length('target.max', 'Gap at the most', { fold: LIMITS }),
    length('maxBelowMm', 'Most spacers below', { fold: LIMITS }),
    length('upperBoltBelowTopMm', 'Upper bolt below the stem’s top', { fold: LIMITS }),
    length('expander.fromMm', 'Expander from, below the end', { fold: LIMITS }),
    length('expander.toMm', 'Expander to', { fold: LIMITS }),
    length('diameter', 'Steerer diameter, drawn', {
      fresh: '28.6',
      fold: 'The drawing',
      drawnOnly: true,
      pick: { what: 'STEERER', first: 'diameter' },
    }),
    measured,
  ],
  shape: ({ carbon, ...r }) => (carbon ? { ...r, carbon: carbon === 'yes' } : r),
};
