import { scaleLog } from 'd3-scale';

/** The one scale of every torque rail, N·m. */
export const RAIL_FROM = 0.2;
export const RAIL_TO = 400;

const TICKS = [0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 400];
const MINOR = [0.3, 0.4, 0.6, 0.7, 0.8, 0.9, 3, 4, 6, 7, 8, 9, 30, 40, 60, 70, 80, 90, 300];

export interface RailScale {
  x: (nm: number) => number;
  ticks: number[];
  minor: number[];
  from: number;
  to: number;
  zoomed: boolean;
}

/** Maps N·m to the width; a zoomed part shows a band with as much again on both sides. */
export function railScale(width: number, zoom?: { minNm: number; maxNm: number }): RailScale {
  const from = zoom ? Math.max(RAIL_FROM, zoom.minNm / 1.6) : RAIL_FROM;
  const to = zoom ? Math.min(RAIL_TO, zoom.maxNm * 1.6) : RAIL_TO;
  const scale = scaleLog().domain([from, to]).range([0, width]).clamp(true);
  const inside = (nm: number) => nm >= from * 0.999 && nm <= to * 1.001;
  return {
    x: (nm) => scale(Math.max(nm, from)),
    ticks: zoom ? scale.ticks(6).filter(inside) : TICKS,
    minor: zoom ? [] : MINOR.filter(inside),
    from,
    to,
    zoomed: zoom !== undefined,
  };
}
