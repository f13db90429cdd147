import { describe, expect, it } from 'vitest';
import { curveScale, pointsOf } from './curve';

describe('the curve of a pull', () => {
  it('is read as it is kept', () => {
    expect(pointsOf('0:0.1 12.5:8.4')).toEqual([
      { angleDeg: 0, torqueNm: 0.1 },
      { angleDeg: 12.5, torqueNm: 8.4 },
    ]);
  });

  it('stands within its axes, torque upwards, angle to the right', () => {
    const points = pointsOf('0:0 90:0.4 130:20');
    const s = curveScale(points, 18, 1);
    expect(s.x(130)).toBeLessThan(s.width);
    expect(s.x(0)).toBe(s.left);
    expect(s.y(20)).toBeGreaterThan(0);
    expect(s.y(0)).toBe(s.base);
    expect(s.path).toMatch(/^M[\d.]+ [\d.]+(L[\d.]+ [\d.]+){2}$/);
    expect(s.degrees).toEqual([0, 50, 100]);
    expect(s.torques.map((t) => t.text)).toEqual(['0', '10', '20']);
  });

  it('is marked in the unit that is read in', () => {
    const s = curveScale(pointsOf('0:0 40:27.1'), 27.1, 1.3558);
    expect(s.torques.map((t) => t.text)).toEqual(['0', '10', '20']);
    expect(s.torques[1]?.nm).toBeCloseTo(13.558, 6);
  });

  it('leaves room for what is to be reached before anything was read', () => {
    const s = curveScale([], 12, 1);
    expect(s.path).toBe('');
    expect(s.y(12)).toBeGreaterThan(6);
    expect(s.degrees.at(-1)).toBe(40);
  });
});
