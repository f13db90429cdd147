/**
 * A section in true scale, in mm: x to the right, y down. What it is made of, and what is measured
 * on it; where that lands on the screen is decided by `place`.
 */
export interface Drawing {
  boxes: Box[];
  lines?: Line[];
  rings?: Ring[];
  dims: Dim[];
  notes?: Note[];
}

/** How a part is painted: cut metal, a spacer, the part in question, one that was, a thread. */
export type Paint = 'part' | 'spacer' | 'tube' | 'worked' | 'ghost' | 'thread' | 'room';

export interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
  paint: Paint;
}

export interface Line {
  points: [number, number][];
  kind: 'edge' | 'axis' | 'ground' | 'ghost' | 'worked';
}

export interface Ring {
  x: number;
  y: number;
  r: number;
  kind: 'edge' | 'ghost' | 'worked';
}

/** A size: along which way, from where to where, and from which edge of the part it is led out. */
export interface Dim {
  along: 'x' | 'y';
  from: number;
  to: number;
  at: number;
  label: string;
  fails?: boolean;
}

export interface Note {
  x: number;
  y: number;
  text: string;
}

/** A dimension line where it lands, in px. */
export interface Placed {
  dim: Dim;
  from: number;
  to: number;
  at: number;
  lane: number;
  /** Where its words begin and end, along the line. */
  words: [number, number];
}

export interface Placing {
  scale: number;
  left: number;
  top: number;
  width: number;
  height: number;
  below: Placed[];
  beside: Placed[];
  lanesBelow: number[];
  lanesBeside: number[];
}

const CHAR_PX = 7;
const WORD_GAP_PX = 8;
export const LINE_PX = 15;
const FIRST_LANE_PX = 16;
const LANE_PX = 20;
const EDGE_PX = 8;

export const wordsPx = (label: string) => label.length * CHAR_PX + WORD_GAP_PX;

/**
 * Which lane each stretch goes into so that no two in one lane meet; the shortest come nearest to
 * the part.
 */
export function lanes(stretches: [number, number][]): number[] {
  const taken: [number, number][][] = [];
  const lane = new Array<number>(stretches.length).fill(0);
  const order = stretches
    .map(([from, to], i) => ({ from, to, i }))
    .sort((a, b) => a.to - a.from - (b.to - b.from) || a.from - b.from);
  for (const { from, to, i } of order) {
    let free = 0;
    while (taken[free]?.some(([f, t]) => f < to && from < t)) free++;
    (taken[free] ??= []).push([from, to]);
    lane[i] = free;
  }
  return lane;
}

function bounds(d: Drawing) {
  const xs: number[] = [];
  const ys: number[] = [];
  for (const b of d.boxes) {
    xs.push(b.x, b.x + b.w);
    ys.push(b.y, b.y + b.h);
  }
  for (const [x, y] of (d.lines ?? []).flatMap((l) => l.points)) {
    xs.push(x);
    ys.push(y);
  }
  for (const r of d.rings ?? []) {
    xs.push(r.x - r.r, r.x + r.r);
    ys.push(r.y - r.r, r.y + r.r);
  }
  for (const dim of d.dims) (dim.along === 'x' ? xs : ys).push(dim.from, dim.to);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.min(...ys),
    bottom: Math.max(...ys),
  };
}

/** The stretch a dimension takes up: its own, or that of its words where those are longer. */
function stretch(dim: Dim, from: number, to: number): [number, number] {
  const words = dim.along === 'x' ? wordsPx(dim.label) : LINE_PX;
  const middle = (from + to) / 2;
  const half = Math.max(Math.abs(to - from), words) / 2;
  return [middle - half, middle + half];
}

/** Lays a drawing out on so much room; true to scale, and no dimension over another. */
export function place(d: Drawing, widthPx: number, highestPx: number): Placing {
  const box = bounds(d);
  const across = Math.max(box.right - box.left, 1);
  const down = Math.max(box.bottom - box.top, 1);
  const upright = d.dims.filter((dim) => dim.along === 'y');
  const level = d.dims.filter((dim) => dim.along === 'x');
  const laneWidth = upright.length ? Math.max(...upright.map((dim) => wordsPx(dim.label))) : 0;
  // The lanes beside depend on the scale and the scale on them: a first guess is enough to settle.
  let beside = upright.length ? 2 * (laneWidth + 10) : 0;
  let scale = 1;
  let placedBeside: Placed[] = [];
  for (let round = 0; round < 3; round++) {
    scale = Math.max(Math.min((widthPx - beside - 2 * EDGE_PX) / across, highestPx / down), 0.02);
    placedBeside = put(
      upright,
      (y) => (y - box.top) * scale,
      (x) => (x - box.left) * scale,
    );
    const most = Math.max(0, ...placedBeside.map((p) => p.lane + 1));
    beside = most * (laneWidth + 10) + (most ? FIRST_LANE_PX : 0);
  }
  const placedBelow = put(
    level,
    (x) => (x - box.left) * scale,
    (y) => (y - box.top) * scale,
  );
  // Words that reach past the part are given room at its sides.
  const reach = placedBelow.flatMap((p) => p.words);
  const overLeft = Math.max(0, -Math.min(0, ...reach));
  const overRight = Math.max(0, Math.max(0, ...reach) - across * scale);
  const lanesDown = Math.max(0, ...placedBelow.map((p) => p.lane + 1));
  const taken = overLeft + across * scale + Math.max(overRight, beside) + 2 * EDGE_PX;
  const spare = Math.max(0, widthPx - taken);
  return {
    scale,
    left: EDGE_PX + overLeft + spare / 2 - box.left * scale,
    top: EDGE_PX - box.top * scale,
    width: Math.max(widthPx, taken),
    height: down * scale + 2 * EDGE_PX + (lanesDown ? FIRST_LANE_PX + lanesDown * LANE_PX : 0),
    below: placedBelow,
    beside: placedBeside,
    lanesBelow: Array.from(
      { length: lanesDown },
      (_, i) => down * scale + EDGE_PX + FIRST_LANE_PX + i * LANE_PX,
    ),
    lanesBeside: Array.from(
      { length: Math.max(0, ...placedBeside.map((p) => p.lane + 1)) },
      (_, i) =>
        EDGE_PX + overLeft + spare / 2 + across * scale + FIRST_LANE_PX + i * (laneWidth + 10),
    ),
  };
}

function put(dims: Dim[], along: (mm: number) => number, across: (mm: number) => number): Placed[] {
  const stretches = dims.map((dim) => stretch(dim, along(dim.from), along(dim.to)));
  const lane = lanes(stretches);
  return dims.map((dim, i) => ({
    dim,
    from: along(dim.from),
    to: along(dim.to),
    at: across(dim.at),
    lane: lane[i] ?? 0,
    words: stretches[i] ?? [0, 0],
  }));
}

/** All sizes of a drawing in words, for those who do not see it. */
export function inWords(d: Drawing): string {
  return d.dims.map((dim) => dim.label + (dim.fails ? ', not right' : '')).join('; ');
}
