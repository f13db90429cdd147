/** A point of a pull. */
export interface CurvePoint {
  angleDeg: number;
  torqueNm: number;
}

/** What an entry keeps of its pull, as points: pairs of degrees and N·m. */
export function pointsOf(written: string): CurvePoint[] {
  return written.split(' ').map((pair) => {
    const [angle, torque] = pair.split(':').map(Number);
    return { angleDeg: angle ?? 0, torqueNm: torque ?? 0 };
  });
}

const WIDTH = 320;
const HEIGHT = 150;
const LEFT = 34;
const BOTTOM = 20;
const TOP = 6;
const STEPS = [1, 2, 5];

/** Round distances between marks, at most so many of them. */
function marks(most: number, count: number): number[] {
  const raw = most / count;
  const power = 10 ** Math.floor(Math.log10(raw));
  const step = (STEPS.find((s) => s * power >= raw) ?? 10) * power;
  return Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => i * step);
}

/** Where a curve, its axes and its band stand in a drawing. */
export function curveScale(
  points: CurvePoint[],
  leastNm: number,
  newtonMetres: number,
): {
  width: number;
  height: number;
  left: number;
  base: number;
  x: (deg: number) => number;
  y: (nm: number) => number;
  path: string;
  degrees: number[];
  torques: { nm: number; text: string }[];
} {
  const mostDeg = Math.max(45, ...points.map((p) => p.angleDeg)) * 1.05;
  const mostNm = Math.max(leastNm, 0.1, ...points.map((p) => p.torqueNm)) * 1.12;
  const base = HEIGHT - BOTTOM;
  const x = (deg: number) => LEFT + ((WIDTH - LEFT - 6) * deg) / mostDeg;
  const y = (nm: number) => base - ((base - TOP) * nm) / mostNm;
  return {
    width: WIDTH,
    height: HEIGHT,
    left: LEFT,
    base,
    x,
    y,
    path: points
      .map((p, i) => `${i ? 'L' : 'M'}${x(p.angleDeg).toFixed(1)} ${y(p.torqueNm).toFixed(1)}`)
      .join(''),
    degrees: marks(mostDeg, 5),
    torques: marks(mostNm / newtonMetres, 4).map((v) => ({
      nm: v * newtonMetres,
      text: String(Number(v.toPrecision(6))),
    })),
  };
}
