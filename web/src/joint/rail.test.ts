import { describe, expect, it } from 'vitest';
import { RAIL_FROM, RAIL_TO, railScale } from './rail';

describe('the torque rail', () => {
  it('is the same logarithmic scale everywhere', () => {
    const rail = railScale(600);
    expect(rail.x(RAIL_FROM)).toBe(0);
    expect(rail.x(RAIL_TO)).toBeCloseTo(600);
    expect(rail.x(10) - rail.x(5)).toBeCloseTo(rail.x(100) - rail.x(50));
    expect(rail.zoomed).toBe(false);
  });

  it('keeps what lies beyond its ends at the ends', () => {
    const rail = railScale(600);
    expect(rail.x(0)).toBe(0);
    expect(rail.x(9999)).toBeCloseTo(600);
  });

  it('shows a zoomed band with room on both sides and says that it is zoomed', () => {
    const rail = railScale(600, { minNm: 20, maxNm: 24 });
    expect(rail.zoomed).toBe(true);
    expect(rail.x(20)).toBeGreaterThan(60);
    expect(rail.x(24)).toBeLessThan(540);
    expect(rail.ticks.every((t) => t >= rail.from && t <= rail.to * 1.001)).toBe(true);
  });
});
