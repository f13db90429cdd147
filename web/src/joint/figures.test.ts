import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { inUnit, plain, sign, span, thousands, type Unit } from './figures';

/** The core's own test reads the same file. */
const vectors = readFileSync('../core/src/test/resources/figures-shown.csv', 'utf8')
  .trim()
  .split('\n')
  .map((row) => row.split('|') as [string, string]);

const foot: Unit = { code: '[ft_i].[lbf_av]', sign: 'ft·lbf', newtonMetres: 1.3558179483314003 };

describe('figures on screen', () => {
  it.each(vectors)('%s reads %s, as the core shows it', (figure, words) => {
    expect(plain(Number(figure))).toBe(words);
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
