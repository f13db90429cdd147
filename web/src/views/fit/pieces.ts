import type { Box, Drawing, Paint } from '../../ruler/drawing';
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
export type Section = (v: Values, told: Told) => Drawing | undefined;

export const mm = (v: Values, key: string): number | undefined =>
  typeof v[key] === 'number' ? v[key] : undefined;
export const list = (v: Values, key: string): number[] =>
  Array.isArray(v[key]) ? (v[key] as unknown[]).filter((x) => typeof x === 'number') : [];
export const sum = (pieces: number[]) => pieces.reduce((a, b) => a + b, 0);
export const box = (x: number, y: number, w: number, h: number, paint: Paint): Box => ({
  x,
  y,
  w,
  h,
  paint,
});

/** Pieces one upon the other, from a height upwards. */
export function stacked(pieces: number[], from: number, x: number, w: number, paint: Paint): Box[] {
  let at = from;
  return pieces.map((h) => {
    at += h;
    return box(x, -at, w, h, paint);
  });
}

/** Pieces side by side, from a place on to the right. */
export function inRow(pieces: number[], from: number, y: number, h: number, paint: Paint): Box[] {
  let at = from;
  return pieces.map((w) => {
    at += w;
    return box(at - w, y, w, h, paint);
  });
}
