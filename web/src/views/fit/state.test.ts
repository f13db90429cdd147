import { describe, expect, it } from 'vitest';
import type { Fit } from './fields';
import { FITS, fitOf } from './fits';
import {
  addressOf,
  asked,
  cameFrom,
  freshOf,
  fromQuery,
  inOtherUnit,
  placed,
  read,
  stepped,
  toQuery,
  toRequest,
} from './state';

const INCH = 25.4;
function the(call: string): Fit {
  const fit = fitOf(call);
  if (!fit) throw new Error(call);
  return fit;
}
const request = (fit: Fit, state: Record<string, string>, unit: 'mm' | 'in' = 'mm') =>
  toRequest(fit, read(fit, { ...freshOf(fit), ...state }, unit, INCH).values);

describe('a fit in its address', () => {
  it.each(FITS.map((f) => f.call))('%s comes back as it was typed', (call) => {
    const fit = the(call);
    const state = freshOf(fit);
    for (const f of fit.fields) {
      if (f.kind === 'length') state[f.key] = '1-1/8"';
    }
    const back = fromQuery(fit, toQuery(fit, state, 'in'));
    expect(back).toEqual({ state, unit: 'in' });
    expect(toQuery(fit, freshOf(fit), 'mm')).toBe('?');
  });

  it('knows the job it was opened from', () => {
    const address = addressOf('spindle', '?shellMm=68', { job: '7', question: 'width & spindle' });
    expect(address).toBe('/fit/spindle?shellMm=68&job=7&question=width+%26+spindle');
    expect(cameFrom(address.slice(address.indexOf('?')))).toEqual({
      job: '7',
      question: 'width & spindle',
      machine: '',
    });
    expect(fromQuery(the('spindle'), '?shellMm=68&job=7').state['shellMm']).toBe('68');
  });
});

describe('what a call is asked', () => {
  it('puts each size where its key says', () => {
    const r = request(the('steerer-stack'), {
      'target.min': '2',
      'expander.fromMm': '10',
      stockMm: '2.5 5',
      carbon: 'yes',
    });
    expect(r).toEqual({
      steererMm: 55,
      stemHeightMm: 40,
      spacersBelowMm: [10],
      spacersAboveMm: [5],
      stockMm: [2.5, 5],
      takeUpMm: 0.2,
      carbon: true,
      target: { min: 2 },
      expander: { fromMm: 10 },
    });
  });

  it('puts both sides of a spindle together', () => {
    expect(request(the('spindle'), { spacersLeft: '1', spacersRight: '2.5 0.5' })).toMatchObject({
      cupFlangesMm: [10, 10],
      spacersMm: [1, 2.5, 0.5],
    });
  });

  it('tells inboard from outboard, and leaves out a before that nobody measured', () => {
    const none = {
      'before.left.in': '',
      'before.left.out': '',
      'before.right.in': '',
      'before.right.out': '',
    };
    const r = request(the('hub-stack'), {
      ...none,
      'left.faces': 'FLAT',
      'left.outside': '20',
      'left.nut': '15',
    });
    expect(r['left']).toEqual({
      spacersMm: [25, 15],
      inboard: [true, false],
      meetings: [{ face: 'CONE', against: 'FLAT' }],
      thread: { outsideMm: 20, nutMm: 15, pinMm: 0 },
    });
    expect(r['before']).toBeUndefined();
    expect(request(the('hub-stack'), {})['before']).toBeDefined();
  });

  it('asks only what the others leave to ask', () => {
    expect(request(the('ride-height'), { end: 'FRONT' })).not.toHaveProperty('eyeOffsetMm');
    expect(request(the('ride-height'), { end: 'REAR' })).not.toHaveProperty('forkSlideMm');
    expect(request(the('mass'), { turns: 'ENGINE' })).toEqual({
      flywheel: { massG: 300, gyrationMm: 60, wheelRadiusMm: 300, ratios: [14.8, 10.2, 7.6, 6, 5] },
    });
    const field = the('mass').fields.find((f) => f.key === 'removedG');
    expect(field && asked(field, { turns: 'ENGINE' })).toBe(false);
  });

  it('reads rows of what was found and left', () => {
    const r = request(the('positions'), { items: 'reach|72|73|0.5|;gap|1/8|3|0.5|1' });
    expect(r['items']).toEqual([
      { name: 'reach', foundMm: 72, leftMm: 73, toleranceMm: 0.5 },
      { name: 'gap', foundMm: 3.175, leftMm: 3, toleranceMm: 0.5, pitchMm: 1 },
    ]);
  });
});

describe('what cannot be read', () => {
  const wrong = (call: string, state: Record<string, string>) =>
    read(the(call), { ...freshOf(the(call)), ...state }, 'mm', INCH).wrong;

  it('is said at its field, and what is missing too', () => {
    expect(wrong('spindle', { shellMm: 'wide' })).toEqual({
      shellMm: 'Type a length such as 12.5, or 1-1/8 in inches.',
    });
    expect(wrong('spindle', { shellMm: '' })).toEqual({ shellMm: 'Measure this first.' });
    expect(wrong('spindle', { stockMm: '2.5 five' })).toHaveProperty('stockMm');
    expect(wrong('power-check', { readings: 'left|much' })['readings']).toContain('Row 1, N·m');
  });

  it('what the server says stands at the field it is about', () => {
    const spindle = placed(the('spindle'), [
      { field: 'cupFlangesMm[1]', message: 'must be 0 to 50.' },
      { field: 'spindleUsableMm', message: 'is far below the shell.' },
      { field: 'elsewhere', message: 'is odd.' },
    ]);
    expect(spindle.at).toEqual({
      flangeLeft: 'The 2nd must be 0 to 50.',
      spindleUsableMm: 'is far below the shell.',
    });
    expect(spindle.rest).toEqual(['elsewhere is odd.']);
    expect(placed(the('runout'), [{ field: 'readingsMm[2]', message: 'is too much.' }]).at).toEqual(
      {
        readingsMm: 'The 3rd is too much.',
      },
    );
  });
});

describe('units and steps', () => {
  it('turns what was typed, but not what bears its own unit', () => {
    const fit = the('steerer-stack');
    const inches = inOtherUnit(
      fit,
      { ...freshOf(fit), steererMm: '50.8', stemHeightMm: '40 mm', stockMm: '25.4 3' },
      'mm',
      'in',
      INCH,
    );
    expect(inches['steererMm']).toBe('2');
    expect(inches['stemHeightMm']).toBe('40 mm');
    expect(inches['stockMm']).toBe('1 0.11811');
  });

  it.each([
    ['10', 0.5, 'mm', true, '10.5'],
    ['', 0.5, 'mm', true, '0.5'],
    ['1', 0.5, 'in', true, '1-1/32'],
    ['26', -0.1, 'mm', false, '25.9'],
    ['wide', 1, 'mm', true, 'wide'],
  ] as const)('%s and %d in %s', (text, by, unit, isLength, next) => {
    expect(stepped(text, by, unit, INCH, isLength)).toBe(next);
  });
});

describe('sections', () => {
  const told = { say: (mm: number) => `${mm} mm`, fails: ['gapMm'], answer: { gapMm: -0.2 } };

  it('draw a gap that is not right bold, at its true place', () => {
    const fit = the('steerer-stack');
    const d = fit.section?.(read(fit, freshOf(fit), 'mm', INCH).values, told);
    const gap = d?.dims.find((x) => x.label.startsWith('gap'));
    expect(gap?.fails).toBe(true);
    // 10 + 40 + 5 less what the stack shortens, against 55.
    expect(gap?.from).toBeCloseTo(-54.8, 9);
    expect(gap?.to).toBeCloseTo(-55, 9);
    expect(d?.dims.filter((x) => x.fails)).toHaveLength(1);
  });

  it('draw a spindle where it ends', () => {
    const fit = the('spindle');
    const d = fit.section?.(read(fit, freshOf(fit), 'mm', INCH).values, {
      ...told,
      fails: ['exposureMm'],
      answer: { exposureMm: 1 },
    });
    const left = d?.dims.find((x) => x.fails);
    expect((left?.to ?? 0) - (left?.from ?? 0)).toBeCloseTo(1, 9);
  });

  it('are not drawn from what is not measured', () => {
    for (const fit of FITS) {
      if (fit.call !== 'hub-stack') expect(fit.section?.({}, told)).toBeUndefined();
    }
    expect(FITS.filter((f) => f.section)).toHaveLength(7);
  });
});
