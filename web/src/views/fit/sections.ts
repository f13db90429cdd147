import type { Schemas } from '../../api/client';
import type { Box, Dim, Drawing, Line, Paint, Ring } from '../../ruler/drawing';
import type { FitCall } from './fields';
import type { Values } from './state';

/** What a drawing is told besides what was typed. */
export interface Told {
  /** A length in the unit that is read. */
  say: (mm: number) => string;
  /** The sizes that are not right, as the core names them. */
  fails: string[];
  /** What it last came to; it may be a key behind what is typed. */
  answer: unknown;
}
type Section = (v: Values, told: Told) => Drawing | undefined;

const mm = (v: Values, key: string): number | undefined =>
  typeof v[key] === 'number' ? v[key] : undefined;
const list = (v: Values, key: string): number[] =>
  Array.isArray(v[key]) ? (v[key] as unknown[]).filter((x) => typeof x === 'number') : [];
const sum = (pieces: number[]) => pieces.reduce((a, b) => a + b, 0);
const box = (x: number, y: number, w: number, h: number, paint: Paint): Box => ({
  x,
  y,
  w,
  h,
  paint,
});

/** Pieces one upon the other, from a height upwards. */
function stacked(pieces: number[], from: number, x: number, w: number, paint: Paint): Box[] {
  let at = from;
  return pieces.map((h) => {
    at += h;
    return box(x, -at, w, h, paint);
  });
}

/** Pieces side by side, from a place on to the right. */
function inRow(pieces: number[], from: number, y: number, h: number, paint: Paint): Box[] {
  let at = from;
  return pieces.map((w) => {
    at += w;
    return box(at - w, y, w, h, paint);
  });
}

const WALL = 2.2;
const steerer: Section = (v, told) => {
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

const spindle: Section = (v, told) => {
  const shell = mm(v, 'shellMm');
  const usable = mm(v, 'spindleUsableMm');
  if (shell === undefined || usable === undefined) return undefined;
  const [fl, fr] = [mm(v, 'flangeLeft') ?? 0, mm(v, 'flangeRight') ?? 0];
  const [sl, sr] = [list(v, 'spacersLeft'), list(v, 'spacersRight')];
  const travel = mm(v, 'adjusterTravelMm') ?? 0;
  const r = (mm(v, 'diameter') ?? 24) / 2;
  const width = shell + fl + fr + sum(sl) + sum(sr);
  // The right arm bears on its cup; what is left shows on the left, where the adjuster is.
  const left = width - usable;
  const bore = r + 6;
  const both = (boxes: Box[], up: number) => boxes.map((b) => ({ ...b, y: up }));
  const walls = (pieces: number[], from: number, out: number, thick: number, paint: Paint) => [
    ...inRow(pieces, from, -out, thick, paint),
    ...both(inRow(pieces, from, 0, thick, paint), out - thick),
  ];
  const answer = told.answer as Schemas['SpindleResponse'] | undefined;
  const dims: Dim[] = [
    {
      along: 'x',
      from: fl + sum(sl),
      to: fl + sum(sl) + shell,
      at: bore + 8,
      label: `shell ${told.say(shell)}`,
    },
    { along: 'x', from: 0, to: width, at: bore + 8, label: `between arms ${told.say(width)}` },
    { along: 'x', from: left, to: width, at: r, label: `spindle ${told.say(usable)}` },
  ];
  if (fl) dims.push({ along: 'x', from: 0, to: fl, at: bore + 8, label: told.say(fl) });
  if (fr) dims.push({ along: 'x', from: width - fr, to: width, at: bore + 8, label: told.say(fr) });
  if (sl.length)
    dims.push({ along: 'x', from: fl, to: fl + sum(sl), at: bore + 5, label: told.say(sum(sl)) });
  if (sr.length) {
    dims.push({
      along: 'x',
      from: width - fr - sum(sr),
      to: width - fr,
      at: bore + 5,
      label: told.say(sum(sr)),
    });
  }
  if (answer) {
    dims.push({
      along: 'x',
      from: left,
      to: 0,
      at: r,
      label: `left for the adjuster ${told.say(Number(answer.exposureMm.toFixed(2)))}`,
      fails: told.fails.includes('exposureMm'),
    });
  }
  return {
    boxes: [
      box(-travel, -bore, travel, 2 * bore, 'room'),
      ...walls([fl], 0, bore + 8, 8, 'part'),
      ...walls(sl, fl, bore + 5, 5, 'spacer'),
      ...walls([shell], fl + sum(sl), bore + 5, 5, 'part'),
      ...walls(sr, fl + sum(sl) + shell, bore + 5, 5, 'spacer'),
      ...walls([fr], width - fr, bore + 8, 8, 'part'),
      box(left - 14, -r, usable + 28, 2 * r, 'tube'),
      box(left - 14, -r - 10, 14, 2 * r + 20, 'part'),
      box(width, -r - 10, 14, 2 * r + 20, 'part'),
    ],
    lines: [
      {
        points: [
          [left - 20, 0],
          [width + 20, 0],
        ],
        kind: 'axis',
      },
    ],
    dims,
  };
};

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

const throughAxle: Section = (v, told) => {
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

const HEAD = 6;
const bolt: Section = (v, told) => {
  const [grip, length] = [mm(v, 'gripMm'), mm(v, 'lengthMm')];
  const pitch = mm(v, 'pitchMm');
  if (grip === undefined || length === undefined || pitch === undefined) return undefined;
  const washers = mm(v, 'washersMm') ?? 0;
  const nut = v['into'] === 'HOLE' ? undefined : mm(v, 'nutHeightMm');
  const depth = v['into'] === 'HOLE' ? mm(v, 'blind.depthMm') : undefined;
  const behind = mm(v, 'clearanceBehindMm');
  const r = 4 * Math.max(pitch, 0.8);
  const face = grip + washers;
  const wide = 3 * r;
  const answer = told.answer as Schemas['BoltLengthResponse'] | undefined;
  const dims: Dim[] = [
    { along: 'x', from: 0, to: length, at: r, label: `bolt ${told.say(length)}` },
    { along: 'x', from: 0, to: face, at: wide, label: `parts and washers ${told.say(face)}` },
  ];
  if (nut !== undefined) {
    dims.push({
      along: 'x',
      from: face,
      to: face + nut,
      at: 1.9 * r,
      label: `nut ${told.say(nut)}`,
    });
    if (answer?.protrusionMm !== undefined) {
      dims.push({
        along: 'x',
        from: face + nut,
        to: length,
        at: r,
        label: `past it ${told.say(Number(answer.protrusionMm.toFixed(2)))}`,
        fails: told.fails.includes('protrusionMm'),
      });
    }
  }
  if (depth !== undefined) {
    dims.push({
      along: 'x',
      from: face,
      to: face + depth,
      at: 1.5 * r,
      label: `hole ${told.say(depth)}`,
    });
    if (answer?.engagementMm !== undefined) {
      dims.push({
        along: 'x',
        from: length - pitch - answer.engagementMm,
        to: length - pitch,
        at: r,
        label: `holds ${told.say(Number(answer.engagementMm.toFixed(2)))}`,
        fails: told.fails.includes('engagementMm'),
      });
    }
  }
  const wall =
    behind === undefined ? (depth === undefined ? undefined : face + depth) : face + behind;
  if (wall !== undefined && answer?.clearanceMm !== undefined) {
    dims.push({
      along: 'x',
      from: length,
      to: wall,
      at: r,
      label: `clear ${told.say(Number(answer.clearanceMm.toFixed(2)))}`,
      fails: told.fails.includes('clearanceMm'),
    });
  }
  return {
    boxes: [
      ...(washers
        ? [
            box(0, -wide * 0.8, washers, wide * 0.8 - r, 'spacer' as Paint),
            box(0, r, washers, wide * 0.8 - r, 'spacer' as Paint),
          ]
        : []),
      box(washers, -wide, grip, wide - r, 'part'),
      box(washers, r, grip, wide - r, 'part'),
      ...(depth === undefined
        ? []
        : [
            box(face, -wide, depth + 4 * pitch, wide - r, 'part' as Paint),
            box(face, r, depth + 4 * pitch, wide - r, 'part' as Paint),
          ]),
      ...(nut === undefined
        ? []
        : [
            box(face, -1.9 * r, nut, 0.9 * r, 'part' as Paint),
            box(face, r, nut, 0.9 * r, 'part' as Paint),
          ]),
      box(0, -r, length, 2 * r, 'tube'),
      box(face, -r, Math.max(length - face, 0), 2 * r, 'thread'),
      box(-HEAD, -1.8 * r, HEAD, 3.6 * r, 'tube'),
    ],
    lines: [
      {
        points: [
          [-HEAD - 3, 0],
          [Math.max(length, wall ?? 0) + 6, 0],
        ],
        kind: 'axis',
      },
      ...(wall === undefined
        ? []
        : [
            {
              points: [
                [wall, -wide],
                [wall, wide],
              ] as [number, number][],
              kind: 'ground' as const,
            },
          ]),
    ],
    dims,
  };
};

const HUB = 60;
const KNUCKLE = 30;
const hub: Section = (v, told) => {
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

const ride: Section = (v, told) => {
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

const pads: Section = (v, told) => {
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

/** The sections that are drawn to scale, by their calculation. */
export const SECTIONS: Partial<Record<FitCall, Section>> = {
  STEERER_STACK: steerer,
  SPINDLE: spindle,
  THROUGH_AXLE: throughAxle,
  BOLT_LENGTH: bolt,
  HUB_STACK: hub,
  RIDE_HEIGHT: ride,
  PADS: pads,
};
