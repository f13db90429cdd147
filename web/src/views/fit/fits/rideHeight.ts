import type { Schemas } from '../../../api/client';
import type { Dim, Line, Ring } from '../../../ruler/drawing';
import { length, measured, number } from '../asking';
import type { Fit } from '../fields';
import { mm, type Section } from '../pieces';

type View = NonNullable<Schemas['RideHeightResponse']['view']>;
/** One standing of the machine from its right side, forwards to the right. */
function standing(s: View['before'], radii: [number, number], kind: 'ghost' | 'worked') {
  const at = (p: { xMm: number; yMm: number }): [number, number] => [p.xMm, -p.yMm];
  return {
    rings: [
      { x: s.rearAxle.xMm, y: -s.rearAxle.yMm, r: radii[0], kind },
      { x: s.frontAxle.xMm, y: -s.frontAxle.yMm, r: radii[1], kind },
    ] as Ring[],
    lines: [
      { points: [at(s.rearAxle), at(s.pivot)], kind },
      { points: [at(s.pivot), at(s.head)], kind },
      { points: [at(s.head), at(s.frontAxle)], kind },
      ...(s.lowest
        ? [
            {
              points: [
                [s.lowest.xMm - 90, -s.lowest.yMm],
                [s.lowest.xMm + 90, -s.lowest.yMm],
              ],
              kind,
            },
          ]
        : []),
    ] as Line[],
  };
}

const section: Section = (v, told) => {
  const radius = mm(v, 'frontTyreRadiusMm');
  const base = mm(v, 'wheelbaseMm');
  const rake = mm(v, 'rakeDeg');
  const answer = told.answer as Schemas['RideHeightResponse'] | undefined;
  if (radius === undefined || base === undefined || rake === undefined || !answer) return undefined;
  const view = answer.view;
  const trail = view?.after.trailMm ?? answer.trailMm;
  const wheel = view?.after.frontAxle.xMm ?? base;
  const axis = (deg: number, ahead: number, kind: 'ghost' | 'worked'): Line => {
    const up = 2.4 * radius;
    const lean = Math.tan((deg * Math.PI) / 180);
    return {
      points: [
        [wheel + ahead, 0],
        [wheel + ahead - up * lean, -up],
      ],
      kind,
    };
  };
  const rear = mm(v, 'chassis.rearTyreRadiusMm') ?? radius;
  const before = view ? standing(view.before, [rear, radius], 'ghost') : undefined;
  const after = view ? standing(view.after, [rear, radius], 'worked') : undefined;
  const dims: Dim[] = [
    {
      along: 'x',
      from: wheel,
      to: wheel + trail,
      at: 0,
      label: `trail ${told.say(Number(trail.toFixed(1)))}`,
      fails: told.fails.includes('trailMm'),
    },
    {
      along: 'x',
      from: 0,
      to: wheel,
      at: 0,
      label: `wheelbase ${told.say(Number((view?.after.wheelbaseMm ?? base).toFixed(0)))}`,
    },
  ];
  const low = view?.after.lowest;
  if (low) {
    dims.push({
      along: 'y',
      from: -low.yMm,
      to: 0,
      at: low.xMm + 90,
      label: `below ${told.say(Number(low.yMm.toFixed(0)))}`,
      fails: told.fails.includes('clearanceMm'),
    });
  }
  return {
    boxes: [],
    rings: [
      ...(before?.rings ?? []),
      ...(after?.rings ?? [
        { x: 0, y: -rear, r: rear, kind: 'edge' as const },
        { x: wheel, y: -radius, r: radius, kind: 'edge' as const },
      ]),
    ],
    lines: [
      {
        points: [
          [-radius - 60, 0],
          [wheel + radius + 60, 0],
        ],
        kind: 'ground',
      },
      ...(before?.lines ?? []),
      axis(rake, answer.trailMm - answer.trailChangeMm, 'ghost'),
      axis(view?.after.rakeDeg ?? answer.rakeDeg, trail, 'worked'),
      ...(after?.lines ?? []),
    ],
    dims,
  };
};

const STAND = 'Its stands';
const FRAME = 'The frame, for exact rotation';
export const rideHeight: Fit = {
  code: 'RIDE_HEIGHT',
  call: 'ride-height',
  asks: 'What lowering or raising one end does to how it steers and stands.',
  section,
  says: { good: 'Within bounds', bad: 'Out of bounds' },
  fields: [
    {
      key: 'end',
      label: 'Changed at',
      kind: 'choice',
      fresh: 'REAR',
      choices: [
        ['REAR', 'the rear, at the shock'],
        ['FRONT', 'the front, in the clamps'],
      ],
    },
    length('eyeOffsetMm', 'Eyes come nearer by', {
      fresh: '10',
      step: 1,
      needed: true,
      when: ['end', 'REAR'],
    }),
    number('motionRatio', 'Wheel travel for shock travel', {
      fresh: '2.5',
      step: 0.1,
      when: ['end', 'REAR'],
    }),
    length('forkSlideMm', 'Tubes slid up by', {
      fresh: '10',
      step: 1,
      needed: true,
      when: ['end', 'FRONT'],
    }),
    length('wheelbaseMm', 'Wheelbase', { fresh: '1500', step: 5, needed: true }),
    number('rakeDeg', 'Rake, °', { fresh: '26', step: 0.1, needed: true }),
    length('forkOffsetMm', 'Fork offset', { fresh: '40', needed: true }),
    length('frontTyreRadiusMm', 'Front tyre, loaded radius', { fresh: '320', needed: true }),
    length('chassis.rearTyreRadiusMm', 'Rear tyre, loaded radius', { fold: FRAME, hint: '315' }),
    length('chassis.swingarmLengthMm', 'Swingarm, pivot to axle', { fold: FRAME, hint: '550' }),
    length('chassis.pivotHeightMm', 'Pivot above the ground', { fold: FRAME, hint: '380' }),
    length('chassis.lowest.xMm', 'Lowest part, ahead of the rear axle', { fold: FRAME }),
    length('chassis.lowest.yMm', 'Lowest part, above the ground', { fold: FRAME }),
    length('chassis.leastClearanceMm', 'Wanted below it', { fold: FRAME }),
    length('stand.reachMm', 'Foot out from the middle', { fold: STAND, hint: '250' }),
    number('stand.leanDeg', 'Leans now, °', { fold: STAND, hint: '12' }),
    length('stand.fromRearAxleMm', 'Foot ahead of the rear axle', { fold: STAND, hint: '300' }),
    length('stand.liftMm', 'Centre stand lifts the wheel by', { fold: STAND }),
    measured,
  ],
};
