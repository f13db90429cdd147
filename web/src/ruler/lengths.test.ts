import { describe, expect, it } from 'vitest';
import { parts, shown, toMm, written } from './lengths';

const INCH = 25.4;

describe('a length as typed', () => {
  it.each([
    ['12.5', 'mm', 12.5],
    ['12,5 mm', 'in', 12.5],
    ['.5', 'mm', 0.5],
    ['1-1/8"', 'mm', 28.575],
    ['1 1/8 in', 'mm', 28.575],
    ['1-1/8', 'mm', 28.575],
    ['7/16', 'mm', 11.1125],
    ['2', 'in', 50.8],
    ['0.5 inch', 'mm', 12.7],
    ['-0.02', 'mm', -0.02],
    ['−1/16', 'in', -1.5875],
  ] as const)('%s read in %s is %d mm', (text, unit, mm) => {
    expect(toMm(text, unit, INCH)).toBeCloseTo(mm, 9);
  });

  it.each(['', 'abc', '1/0', '1-2', '1/8 mm', '12.5 cm', '1..2', '3 4'])('%s is none', (text) => {
    expect(toMm(text, 'mm', INCH)).toBeUndefined();
  });
});

describe('a length as shown', () => {
  it.each([
    [28.575, 'in', '1-1/8'],
    [50.8, 'in', '2'],
    [11.1125, 'in', '7/16'],
    [0, 'in', '0'],
    [3, 'in', '0.11811'],
    [-1.5875, 'in', '-1/16'],
    [12.3456, 'mm', '12.346'],
    [40, 'mm', '40'],
  ] as const)('%d mm in %s is %s', (mm, unit, text) => {
    expect(written(mm, unit, INCH)).toBe(text);
  });

  it('bears its unit, and a proper minus', () => {
    expect(shown(-0.2, 'mm', INCH)).toBe('−0.2 mm');
    expect(shown(28.575, 'in', INCH)).toBe('1-1/8 in');
  });

  it('comes back as it went, to a thousandth', () => {
    for (let mm = 0.05; mm < 60; mm += 0.377) {
      for (const unit of ['mm', 'in'] as const) {
        expect(toMm(written(mm, unit, INCH), unit, INCH)).toBeCloseTo(mm, 3);
      }
    }
  });
});

describe('several lengths in one line', () => {
  it.each([
    ['10 5 2.5', ['10', '5', '2.5']],
    ['10, 5, 2,5', ['10', '5', '2,5']],
    ['10; 5;3', ['10', '5', '3']],
    ['10 mm 5 mm', ['10mm', '5mm']],
    ['1 1/8 1/4', ['1-1/8', '1/4']],
    ['', []],
  ])('%s', (text, list) => {
    expect(parts(text)).toEqual(list);
  });
});
