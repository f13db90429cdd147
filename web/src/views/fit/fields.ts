import type { Schemas } from '../../api/client';

export type FitCall = Schemas['FitOffered']['code'];
export type What = Schemas['UsualSize']['what'];
export type FitState = Record<string, string>;

/** A column of a field that takes rows. */
export interface Column {
  key: string;
  label: string;
  kind: 'length' | 'number' | 'text' | 'date';
}

/**
 * One thing that is measured. Its key is where the call takes it, so that its words come back to it.
 */
export interface Field {
  key: string;
  label: string;
  kind: 'length' | 'lengths' | 'number' | 'numbers' | 'choice' | 'yes' | 'readings' | 'rows';
  fresh?: string;
  hint?: string;
  /** What an arrow key adds or takes away, mm or as it is. */
  step?: number;
  /** What it belongs to, where a fit holds two against each other. */
  group?: string;
  /** Behind which fold it stands. */
  fold?: string;
  choices?: [code: string, words: string][];
  columns?: Column[];
  /** Usual sizes to pick from, and which of the two each fills in here or elsewhere. */
  pick?: { what: What; first?: string; second?: string };
  /** Counts only while that one is so. */
  when?: [key: string, is: string];
  /** Where the call finds fault with it, if not at its key. */
  at?: string;
  /** The call is not asked with it. */
  drawnOnly?: boolean;
  /** Without it nothing can be said. */
  needed?: boolean;
}

export interface Fit {
  code: FitCall;
  call: string;
  /** What it answers, in a line. */
  asks: string;
  fields: Field[];
  /** What is said of it where it is not a matter of fitting in. */
  says?: { good: string; bad: string };
  /** Where the call takes other than what is typed. */
  shape?: (request: Record<string, unknown>) => Record<string, unknown>;
}

const length = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'length',
  step: 0.5,
  ...more,
});
const lengths = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'lengths',
  ...more,
});
const number = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'number',
  step: 1,
  ...more,
});
const HOW_WELL = 'How well it was measured';
const measured = length('measuredToMm', 'Each length may be off by', {
  step: 0.05,
  fold: HOW_WELL,
});
const LIMITS = 'What else must hold';

const steerer: Fit = {
  code: 'STEERER_STACK',
  call: 'steerer-stack',
  asks: 'Whether the cap presses on the stack and not on the steerer.',
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
    { key: 'carbon', label: 'Steerer is of carbon', kind: 'yes' },
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
};

const spindle: Fit = {
  code: 'SPINDLE',
  call: 'spindle',
  asks: 'Whether the spindle leaves the preload adjuster what it can take up.',
  fields: [
    length('shellMm', 'Shell width', {
      fresh: '73',
      needed: true,
      pick: { what: 'SHELL', first: 'shellMm' },
    }),
    length('flangeLeft', 'Cup flange, left', { fresh: '10', needed: true, at: 'cupFlangesMm' }),
    length('flangeRight', 'Cup flange, right', { fresh: '10', needed: true }),
    lengths('spacersLeft', 'Spacers, left', { at: 'spacersMm' }),
    lengths('spacersRight', 'Spacers, right', { fresh: '2.5' }),
    length('spindleUsableMm', 'Spindle, shoulder to shoulder', { fresh: '96.5', needed: true }),
    length('adjusterTravelMm', 'Adjuster travel', { fresh: '2', needed: true }),
    lengths('stockMm', 'Spacers in the box', { hint: '1 2.5 2.5' }),
    length('adjusterPitchMm', 'Adjuster travel a turn', { fold: LIMITS, step: 0.1 }),
    length('ringClearanceMm', 'Chainring to stay', { fold: LIMITS }),
    length('armClearanceMm', 'Arm to cup or stay', { fold: LIMITS }),
    length('diameter', 'Spindle diameter, drawn', {
      fresh: '24',
      fold: 'The drawing',
      drawnOnly: true,
      pick: { what: 'SPINDLE', first: 'diameter' },
    }),
    measured,
  ],
  shape: ({ flangeLeft, flangeRight, spacersLeft, spacersRight, ...r }) => ({
    ...r,
    cupFlangesMm: [flangeLeft, flangeRight],
    spacersMm: [...((spacersLeft as number[]) ?? []), ...((spacersRight as number[]) ?? [])],
  }),
};

const pressFit: Fit = {
  code: 'PRESS_FIT',
  call: 'press-fit',
  asks: 'Whether the cup is held all the way round, and not forced.',
  fields: [
    {
      key: 'boreReadingsMm',
      label: 'Bore, at',
      kind: 'readings',
      fresh: '40.95 40.96 40.95 40.96',
      needed: true,
    },
    length('cupMm', 'Cup, outer diameter', {
      fresh: '41',
      step: 0.01,
      needed: true,
      pick: { what: 'SHELL', second: 'cupMm' },
    }),
    length('bandMm.min', 'Interference stated, least', { step: 0.01 }),
    length('bandMm.max', 'Interference stated, most', { step: 0.01 }),
    length('measuredToMm', 'A reading may be off by', { step: 0.005, fold: HOW_WELL }),
  ],
};

const flushness: Fit = {
  code: 'FLUSHNESS',
  call: 'flushness',
  asks: 'Whether a cup or race is home all the way round.',
  says: { good: 'Home', bad: 'Not home' },
  fields: [
    {
      key: 'readingsMm',
      label: 'Gap, at',
      kind: 'readings',
      fresh: '0 0 0 0',
      needed: true,
    },
  ],
};

const within = (group: string, fields: Field[]): Field[] => fields.map((f) => ({ ...f, group }));

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
const throughAxle: Fit = {
  code: 'THROUGH_AXLE',
  call: 'through-axle',
  asks: 'Whether a new axle does in the place of the old one.',
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

const bolt: Fit = {
  code: 'BOLT_LENGTH',
  call: 'bolt-length',
  asks: 'Whether a bolt is long enough, and clear of what is behind it.',
  fields: [
    length('gripMm', 'Parts clamped', { fresh: '20', needed: true }),
    length('washersMm', 'Washers', { fresh: '1.6', needed: true }),
    length('lengthMm', 'Bolt, under its head', { fresh: '35', needed: true }),
    length('pitchMm', 'Pitch', { fresh: '1.25', step: 0.25, needed: true }),
    {
      key: 'into',
      drawnOnly: true,
      label: 'Goes into',
      kind: 'choice',
      fresh: 'NUT',
      choices: [
        ['NUT', 'a nut'],
        ['HOLE', 'a blind hole'],
      ],
    },
    length('nutHeightMm', 'Nut, insert included', {
      fresh: '8',
      needed: true,
      when: ['into', 'NUT'],
    }),
    { key: 'insertNut', label: 'Nut with an insert', kind: 'yes', when: ['into', 'NUT'] },
    length('clearanceBehindMm', 'Room behind, from the nut’s face', { when: ['into', 'NUT'] }),
    length('marginMm', 'To keep from it', { when: ['into', 'NUT'] }),
    length('blind.depthMm', 'Thread in the hole', {
      fresh: '20',
      needed: true,
      when: ['into', 'HOLE'],
    }),
    length('blind.minimumEngagementMm', 'Thread wanted', {
      fresh: '10',
      needed: true,
      when: ['into', 'HOLE'],
    }),
    length('blind.countersinkMm', 'Countersink', { when: ['into', 'HOLE'] }),
    measured,
  ],
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

const hub: Fit = {
  code: 'HUB_STACK',
  call: 'hub-stack',
  asks: 'How far out the wheels stand, and whether both do alike.',
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

const STAND = 'Its stands';
const FRAME = 'The frame, for exact rotation';
const ride: Fit = {
  code: 'RIDE_HEIGHT',
  call: 'ride-height',
  asks: 'What lowering or raising one end does to how it steers and stands.',
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
  ],
};

const THICKNESS = 'Its thickness';
const runout: Fit = {
  code: 'RUNOUT',
  call: 'runout',
  asks: 'Whether a rotor or rim is bent on its seat, warped, or worn.',
  says: { good: 'Right', bad: 'Not right' },
  fields: [
    {
      key: 'readingsMm',
      label: 'Dial, at',
      kind: 'readings',
      fresh: '0 0 0 0 0 0 0 0',
      needed: true,
    },
    length('limitMm', 'Allowed in all', { fresh: '0.15', step: 0.01, needed: true }),
    {
      key: 'anglesDeg',
      label: 'Angles, where not equally spaced',
      kind: 'numbers',
      hint: '0 45 90 …',
      fold: HOW_WELL,
    },
    length('measuredToMm', 'A reading may be off by', { step: 0.005, fold: HOW_WELL }),
    lengths('thicknessReadingsMm', 'Thickness around', { fold: THICKNESS }),
    length('minimumThicknessMm', 'Least thickness', { fold: THICKNESS }),
  ],
};

const pads: Fit = {
  code: 'PADS',
  call: 'pads',
  asks: 'How long pads last, if they go on as they did.',
  says: { good: 'May be ridden', bad: 'Must be renewed' },
  fields: [
    length('newMm', 'When new', { fresh: '4', step: 0.1, needed: true }),
    length('nowMm', 'Now', { fresh: '2.2', step: 0.1, needed: true }),
    length('limitMm', 'Limit', { fresh: '1', step: 0.1, needed: true }),
    number('distanceKm', 'Ridden since new, km', { fresh: '6000', step: 100, needed: true }),
    measured,
  ],
};

const positions: Fit = {
  code: 'POSITIONS',
  call: 'positions',
  asks: 'Whether all stands again where it stood.',
  says: { good: 'As it was', bad: 'Not as it was' },
  fields: [
    {
      key: 'items',
      label: 'As found and as left',
      kind: 'rows',
      fresh: 'lever reach|72|72|0.5|0.8;cable gap|3|3.5|0.5|1',
      needed: true,
      columns: [
        { key: 'name', label: 'What', kind: 'text' },
        { key: 'foundMm', label: 'Found', kind: 'length' },
        { key: 'leftMm', label: 'Left', kind: 'length' },
        { key: 'toleranceMm', label: '±', kind: 'length' },
        { key: 'pitchMm', label: 'Pitch', kind: 'length' },
      ],
    },
    measured,
  ],
};

const mass: Fit = {
  code: 'MASS',
  call: 'mass',
  asks: 'What another part does to the mass, carried or turning.',
  fields: [
    {
      key: 'turns',
      drawnOnly: true,
      label: 'The part',
      kind: 'choice',
      fresh: 'WHEEL',
      choices: [
        ['NO', 'is carried'],
        ['WHEEL', 'turns with a wheel'],
        ['ENGINE', 'turns with the engine'],
      ],
    },
    number('removedG', 'Removed, g', { fresh: '300', needed: true, when: ['turns', '!ENGINE'] }),
    number('fittedG', 'Fitted, g', { fresh: '250', needed: true, when: ['turns', '!ENGINE'] }),
    number('radiusOfGyrationRatio', 'Radius of gyration / wheel radius', {
      fresh: '0.9',
      step: 0.05,
      when: ['turns', 'WHEEL'],
    }),
    number('flywheel.massG', 'Weight added, g', {
      fresh: '300',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    length('flywheel.gyrationMm', 'Its radius of gyration', {
      fresh: '60',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    length('flywheel.wheelRadiusMm', 'Wheel radius', {
      fresh: '300',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    {
      key: 'flywheel.ratios',
      label: 'Engine turns for one of the wheel, by gear',
      kind: 'numbers',
      fresh: '14.8 10.2 7.6 6 5',
      needed: true,
      when: ['turns', 'ENGINE'],
    },
  ],
};

const power: Fit = {
  code: 'POWER_CHECK',
  call: 'power-check',
  asks: 'How far a power meter is off with a known mass on its pedal.',
  says: { good: 'Within bounds', bad: 'Out of bounds' },
  fields: [
    number('massG', 'Mass on the pedal, g', { fresh: '10000', step: 100, needed: true }),
    length('crankMm', 'Crank length', { fresh: '170', step: 2.5, needed: true }),
    number('angleDeg', 'Crank from level, °', { fresh: '0' }),
    {
      key: 'readings',
      label: 'Readings, without the sign',
      kind: 'rows',
      fresh: 'left|16.6;right|16.8',
      needed: true,
      columns: [
        { key: 'side', label: 'Side', kind: 'text' },
        { key: 'readingNm', label: 'N·m', kind: 'number' },
      ],
    },
    number('withinPercent', 'May be off by, %', { fresh: '2', step: 0.5 }),
  ],
};

const zero: Fit = {
  code: 'ZERO_OFFSET',
  call: 'zero-offset',
  asks: 'Whether a power meter holds its zero.',
  says: { good: 'Holds its zero', bad: 'Does not hold its zero' },
  fields: [
    {
      key: 'readings',
      label: 'Zero offset as shown',
      kind: 'rows',
      fresh: '2026-11-01|512;2026-11-08|514;2026-11-15|513',
      needed: true,
      columns: [
        { key: 'at', label: 'On', kind: 'date' },
        { key: 'value', label: 'Shown', kind: 'number' },
      ],
    },
    number('limit', 'May move by', { step: 1 }),
  ],
};

export const FITS: Fit[] = [
  steerer,
  spindle,
  pressFit,
  flushness,
  throughAxle,
  bolt,
  hub,
  ride,
  runout,
  pads,
  positions,
  mass,
  power,
  zero,
];

export const fitOf = (call: string): Fit | undefined => FITS.find((f) => f.call === call);
