import { describe, expect, it } from 'vitest';
import { forRoom, inWords, lanes, place, turned, wordsPx, type Dim, type Drawing } from './drawing';

/** The same row of numbers each time. */
function seeded(seed: number) {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

const dim = (from: number, to: number, label = '10 mm', along: Dim['along'] = 'x'): Dim => ({
  along,
  from,
  to,
  at: 0,
  label,
});
const drawing = (dims: Dim[], w = 100, h = 50): Drawing => ({
  boxes: [{ x: 0, y: 0, w, h, paint: 'part' }],
  dims,
});

describe('dimension lines', () => {
  it('never meet in one lane, and the shortest lie nearest to the part', () => {
    const next = seeded(11);
    for (let run = 0; run < 200; run++) {
      const stretches = Array.from({ length: 8 }, (): [number, number] => {
        const from = next() * 100;
        return [from, from + next() * 60];
      });
      const lane = lanes(stretches);
      stretches.forEach(([from, to], i) => {
        stretches.forEach(([f, t], j) => {
          if (i < j && lane[i] === lane[j]) expect(from >= t || f >= to).toBe(true);
        });
      });
      const shortest = stretches.reduce((best, [f, t], i) => {
        const [bf, bt] = stretches[best] ?? [0, 0];
        return t - f < bt - bf ? i : best;
      }, 0);
      expect(lane[shortest]).toBe(0);
    }
  });

  it('give their words room where a size is small', () => {
    const p = place(
      drawing([dim(10, 10.2, 'a gap of 0.2 mm'), dim(10.2, 12, 'another one')]),
      640,
      300,
    );
    const [one, two] = p.below;
    expect(one?.lane).not.toBe(two?.lane);
    expect((one?.words[1] ?? 0) - (one?.words[0] ?? 0)).toBeGreaterThanOrEqual(
      wordsPx('a gap of 0.2 mm') - 1e-9,
    );
  });

  it.each([240, 390, 640, 1000])('stay on a drawing %d px wide', (width) => {
    const words = 'left for the adjuster 1 mm';
    const p = place(
      drawing([dim(-3, -2, words), dim(0, 100), dim(0, 50, 'stem 50 mm', 'y')]),
      width,
      300,
    );
    const left = p.left + -3 * p.scale;
    const right = p.left + 100 * p.scale;
    expect(left).toBeGreaterThanOrEqual(-1e-9);
    expect(right).toBeLessThanOrEqual(p.width + 1e-9);
    expect(p.left + -2.5 * p.scale - wordsPx(words) / 2).toBeGreaterThanOrEqual(-1e-9);
    for (const lane of p.lanesBeside)
      expect(lane + wordsPx('stem 50 mm')).toBeLessThanOrEqual(p.width + 12);
    for (const lane of p.lanesBelow) expect(lane + 13).toBeLessThanOrEqual(p.height + 1e-9);
  });

  it('are true to scale along and across', () => {
    const p = place(drawing([dim(0, 100), dim(0, 50, 'h', 'y')]), 640, 300);
    const [x] = p.below;
    const [y] = p.beside;
    expect(((x?.to ?? 0) - (x?.from ?? 0)) / 100).toBeCloseTo(p.scale, 9);
    expect(((y?.to ?? 0) - (y?.from ?? 0)) / 50).toBeCloseTo(p.scale, 9);
  });

  it('stand below a drawing that lies down where it is narrow', () => {
    const tall = drawing([dim(-50, 0, 'h 50 mm', 'y')], 30, 50);
    expect(forRoom(tall, 900)).toBe(tall);
    const lying = forRoom(tall, 390);
    expect(lying.dims).toEqual([{ ...dim(0, 50, 'h 50 mm'), at: 0 }]);
    expect(lying.boxes[0]).toMatchObject({ x: -50, y: 0, w: 50, h: 30 });
    expect(turned(turned(turned(turned(tall)))).boxes[0]).toMatchObject({ w: 30, h: 50 });
  });

  it('leave the part room on any screen', () => {
    const many = drawing(
      Array.from({ length: 5 }, (_, i) => dim(i * 2, i * 2 + 1, `size ${i} 10 mm`, 'y')),
      60,
      60,
    );
    expect(place(forRoom(many, 390), 390, 300).scale * 60).toBeGreaterThan(100);
  });

  it('are told to those who do not see them, with what fails', () => {
    expect(
      inWords(drawing([dim(0, 1, 'stem 40 mm'), { ...dim(0, 1, 'gap 0 mm'), fails: true }])),
    ).toBe('stem 40 mm; gap 0 mm, not right');
  });
});
