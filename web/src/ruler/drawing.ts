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
const LANE_GAP_PX = 10;
const EDGE_PX = 8;
const SMALLEST = 0.02;
const FINER = 0.97;

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

/** What a drawing takes up at one scale. */
function at(d: Drawing, scale: number) {
  const box = bounds(d);
  const x = (mm: number) => (mm - box.left) * scale;
  const y = (mm: number) => (mm - box.top) * scale;
  const upright = d.dims.filter((dim) => dim.along === 'y');
  const below = put(
    d.dims.filter((dim) => dim.along === 'x'),
    x,
  );
  const beside = put(upright, y);
  const lane = Math.max(0, ...upright.map((dim) => wordsPx(dim.label) + LANE_GAP_PX));
  const besides = lanesOf(beside);
  // Words that reach past the part are given room at its sides.
  const reach = below.flatMap((p) => p.words);
  const across = x(box.right);
  const overLeft = -Math.min(0, ...reach);
  const overRight = Math.max(
    Math.max(across, ...reach) - across,
    besides ? besides * lane + FIRST_LANE_PX : 0,
  );
  return {
    box,
    below,
    beside,
    lane,
    besides,
    across,
    down: y(box.bottom),
    overLeft,
    taken: overLeft + across + overRight + 2 * EDGE_PX,
  };
}

const lanesOf = (placed: Placed[]) => Math.max(0, ...placed.map((p) => p.lane + 1));

/**
 * Lays a drawing out on so much room; true to scale, and no dimension over another. Which sizes
 * share a lane depends on the scale: the largest is taken at which all has room.
 */
export function place(d: Drawing, widthPx: number, highestPx: number): Placing {
  const { box } = at(d, 1);
  let scale = Math.min(
    (widthPx - 2 * EDGE_PX) / Math.max(box.right - box.left, 1),
    highestPx / Math.max(box.bottom - box.top, 1),
  );
  let laid = at(d, scale);
  while (laid.taken > widthPx && scale > SMALLEST) {
    scale *= FINER;
    laid = at(d, scale);
  }
  const begin = EDGE_PX + laid.overLeft + Math.max(0, widthPx - laid.taken) / 2;
  const lanesDown = lanesOf(laid.below);
  return {
    scale,
    left: begin - box.left * scale,
    top: EDGE_PX - box.top * scale,
    width: Math.max(widthPx, laid.taken),
    height: laid.down + 2 * EDGE_PX + (lanesDown ? FIRST_LANE_PX + lanesDown * LANE_PX : 0),
    below: laid.below,
    beside: laid.beside,
    lanesBelow: Array.from(
      { length: lanesDown },
      (_, i) => laid.down + EDGE_PX + FIRST_LANE_PX + i * LANE_PX,
    ),
    lanesBeside: Array.from(
      { length: laid.besides },
      (_, i) => begin + laid.across + FIRST_LANE_PX + i * laid.lane,
    ),
  };
}

function put(dims: Dim[], along: (mm: number) => number): Placed[] {
  const stretches = dims.map((dim) => stretch(dim, along(dim.from), along(dim.to)));
  const lane = lanes(stretches);
  return dims.map((dim, i) => ({
    dim,
    from: along(dim.from),
    to: along(dim.to),
    lane: lane[i] ?? 0,
    words: stretches[i] ?? [0, 0],
  }));
}

/** A drawing laid on its side: what pointed up points to the right. */
export function turned(d: Drawing): Drawing {
  const over = ([x, y]: [number, number]): [number, number] => [-y, x];
  return {
    boxes: d.boxes.map((b) => ({ x: -b.y - b.h, y: b.x, w: b.h, h: b.w, paint: b.paint })),
    lines: (d.lines ?? []).map((l) => ({ ...l, points: l.points.map(over) })),
    rings: (d.rings ?? []).map((r) => ({ ...r, x: -r.y, y: r.x })),
    notes: (d.notes ?? []).map((n) => ({ ...n, x: -n.y, y: n.x })),
    dims: d.dims.map((dim) =>
      dim.along === 'y'
        ? { ...dim, along: 'x', from: 0 - dim.to, to: 0 - dim.from }
        : { ...dim, along: 'y' },
    ),
  };
}

/** Lies on its side where it is narrow, so that its sizes stand below and not beside it. */
export const forRoom = (d: Drawing, widthPx: number): Drawing =>
  widthPx < NARROW_PX && d.dims.filter((dim) => dim.along === 'y').length > d.dims.length / 2
    ? turned(d)
    : d;
const NARROW_PX = 560;

/** All sizes of a drawing in words, for those who do not see it. */
export function inWords(d: Drawing): string {
  return d.dims.map((dim) => dim.label + (dim.fails ? ', not right' : '')).join('; ');
}
