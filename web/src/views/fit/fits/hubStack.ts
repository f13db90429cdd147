import type { Schemas } from '../../../api/client';
import type { Box, Dim } from '../../../ruler/drawing';
import { length, lengths, LIMITS, measured, within } from '../asking';
import type { Field, Fit } from '../fields';
import { box, inRow, list, sum, type Section } from '../pieces';

const HUB = 60;
const KNUCKLE = 30;
const section: Section = (v, told) => {
  const side = (name: string, sign: 1 | -1) => {
    const [inside, outside] = [list(v, `${name}.in`), list(v, `${name}.out`)];
    const turn = (b: Box): Box => (sign === 1 ? b : { ...b, x: -b.x - b.w });
    const at = KNUCKLE + sum(inside);
    const end = at + HUB + sum(outside);
    const off = told.fails.includes('inboard');
    const total = told.fails.includes(`${name}.spacersMm`);
    const lead = (a: number, b: number): [number, number] => (sign === 1 ? [a, b] : [-b, -a]);
    const dim = (a: number, b: number, edge: number, label: string, fails: boolean): Dim => {
      const [from, to] = lead(a, b);
      return { along: 'x', from, to, at: edge, label, fails };
    };
    return {
      boxes: [
        ...inRow(inside, KNUCKLE, -16, 32, 'spacer').map(turn),
        turn(box(at, -40, 14, 80, 'part')),
        turn(box(at + 14, -22, HUB - 14, 44, 'part')),
        ...inRow(outside, at + HUB, -16, 32, 'spacer').map(turn),
        turn(box(end, -20, 16, 40, 'tube')),
        turn(box(end + 16, -8, 14, 16, 'thread')),
      ],
      dims: [
        ...(inside.length ? [dim(KNUCKLE, at, 16, `inboard ${told.say(sum(inside))}`, off)] : []),
        ...(outside.length
          ? [dim(at + HUB, end, 16, `outboard ${told.say(sum(outside))}`, total)]
          : []),
      ],
      stands: sign * at,
    };
  };
  const [left, right] = [side('left', -1), side('right', 1)];
  const answer = told.answer as Schemas['HubStackResponse'] | undefined;
  return {
    boxes: [box(-KNUCKLE, -26, 2 * KNUCKLE, 52, 'tube'), ...left.boxes, ...right.boxes],
    lines: [
      {
        points: [
          [left.stands - 140, 0],
          [right.stands + 140, 0],
        ],
        kind: 'axis',
      },
    ],
    notes: [
      { x: 0, y: 4, text: 'machine' },
      ...(answer
        ? [
            {
              x: 0,
              y: -34,
              text: `track ${answer.trackChangeMm >= 0 ? '+' : '−'}${told.say(Math.abs(answer.trackChangeMm))}`,
            },
          ]
        : []),
    ],
    dims: [...left.dims, ...right.dims],
  };
};

const hubSide = (side: string, words: string): Field[] => [
  lengths(`${side}.in`, 'Inboard now', { fresh: '25' }),
  lengths(`${side}.out`, 'Outboard now', { fresh: '15' }),
  lengths(`before.${side}.in`, 'Inboard before', { fresh: '10' }),
  lengths(`before.${side}.out`, 'Outboard before', { fresh: '30' }),
  {
    key: `${side}.faces`,
    label: `${words}: a cone meets`,
    kind: 'choice',
    fold: LIMITS,
    fresh: '',
    choices: [
      ['', 'not looked at'],
      ['CONE', 'a cone'],
      ['FLAT', 'a flat face'],
    ],
  },
  length(`${side}.bore`, `${words}: bore of the washer`, { fold: LIMITS }),
  length(`${side}.shoulder`, `${words}: shoulder it sits on`, { fold: LIMITS }),
  length(`${side}.outside`, `${words}: thread left outside`, { fold: LIMITS }),
  length(`${side}.nut`, `${words}: nut height`, { fold: LIMITS }),
  length(`${side}.pin`, `${words}: nut to far edge of the pin`, { fold: LIMITS }),
];

/** The spacers of one side as the call takes them. */
function sideOf(r: Record<string, unknown>, side: string) {
  const at = (name: string) => r[`${side}.${name}`];
  const list = (name: string) => (at(name) as number[] | undefined) ?? [];
  const given = <T>(value: unknown, made: () => T) => (value === undefined ? undefined : made());
  return {
    spacersMm: [...list('in'), ...list('out')],
    inboard: [...list('in').map(() => true), ...list('out').map(() => false)],
    meetings: given(at('faces'), () => [{ face: 'CONE', against: at('faces') }]),
    seats: given(at('bore'), () => [{ boreMm: at('bore'), shoulderMm: at('shoulder') }]),
    thread: given(at('outside'), () => ({
      outsideMm: at('outside'),
      nutMm: at('nut'),
      pinMm: at('pin') ?? 0,
    })),
  };
}

export const hubStack: Fit = {
  code: 'HUB_STACK',
  call: 'hub-stack',
  asks: 'How far out the wheels stand, and whether both do alike.',
  section,
  fields: [
    ...within('Left', hubSide('left', 'Left')),
    ...within('Right', hubSide('right', 'Right')),
    measured,
  ],
  shape: (r) => {
    const before = ['left', 'right'].some((s) => r[`before.${s}.in`] ?? r[`before.${s}.out`]);
    return {
      left: sideOf(r, 'left'),
      right: sideOf(r, 'right'),
      ...(before
        ? { before: { left: sideOf(r, 'before.left'), right: sideOf(r, 'before.right') } }
        : {}),
      ...(r['measuredToMm'] === undefined ? {} : { measuredToMm: r['measuredToMm'] }),
    };
  },
};
