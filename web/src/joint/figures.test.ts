import { describe, expect, it } from 'vitest';
import { inUnit, onScale, plain, sign, span, thousands, type Unit } from './figures';

const foot: Unit = { code: '[ft_i].[lbf_av]', sign: 'ft·lbf', newtonMetres: 1.3558179483314003 };

describe('figures on screen', () => {
  it.each([
    [4.7169, '4.72'],
    [22, '22'],
    [24.4047, '24.4'],
    [216.02, '216'],
    [0.05, '0.05'],
    [0, '0'],
    [4.13e-6, '4.1·10⁻⁶'],
    [-0.002, '-2·10⁻³'],
  ])('%f reads %s', (figure, words) => {
    expect(plain(figure)).toBe(words);
  });

  it.each([
    [8.5, 0.5, '8.5'],
    [9, 0.5, '9.0'],
    [55, 1, '55'],
    [195, 5, '195'],
    [1.23, undefined, '1.23'],
  ])('%f on a scale of %s reads %s', (figure, graduation, words) => {
    expect(onScale(figure, graduation)).toBe(words);
  });

  it('converts with the factor the core handed over', () => {
    expect(inUnit(24.404723, foot)).toBe('18');
    expect(sign([foot], foot.code)).toBe('ft·lbf');
    expect(sign([], 'kgf.m')).toBe('kgf.m');
  });

  it.each([
    [25, '25 min'],
    [90, '1.5 h'],
    [1440, '24 h'],
    [4320, '3 days'],
  ])('%d minutes read %s', (minutes, words) => {
    expect(span(minutes)).toBe(words);
  });

  it('groups thousands with a thin gap', () => {
    expect(thousands(18420)).toBe('18 420');
  });
});
