import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import FitOnPaper from './FitOnPaper.svelte';
import ReadingPad from './ReadingPad.svelte';
import RowsOf from './RowsOf.svelte';
import Verdict from './Verdict.svelte';
import { fitOf } from './fits';

const field = (call: string, key: string) => {
  const found = fitOf(call)?.fields.find((f) => f.key === key);
  if (!found) throw new Error(key);
  return found;
};

describe('readings round a turn', () => {
  const pad = (text: string) => {
    const state = { readingsMm: text };
    const changed = vi.fn();
    render(ReadingPad, {
      field: field('runout', 'readingsMm'),
      state,
      unit: 'mm',
      message: undefined,
      changed,
      reading: 0,
    });
    return { changed, inputs: () => screen.getAllByRole<HTMLInputElement>('textbox') };
  };

  it('are asked for at their angles', () => {
    const { inputs } = pad('0 0 0 0 0 0 0 0');
    expect(inputs()).toHaveLength(8);
    expect(screen.getByLabelText('Dial, at 45°')).toBeInTheDocument();
  });

  it.each(['Enter', ' ', ','])('%s ends one and goes on to the next', async (key) => {
    const { inputs, changed } = pad('0 0 0 0 0 0 0 0');
    const [first] = inputs();
    if (!first) throw new Error('no place to type into');
    first.focus();
    await fireEvent.input(first, { target: { value: '0.05' } });
    await fireEvent.keyDown(first, { key });
    expect(document.activeElement).toBe(inputs()[1]);
    expect(changed).toHaveBeenCalled();
  });
});

describe('rows', () => {
  it('are added and taken out, never the last', async () => {
    const state = { items: 'reach|72|72|0.5|' };
    render(RowsOf, {
      field: field('positions', 'items'),
      state,
      message: undefined,
      changed: vi.fn(),
    });
    expect(screen.getByRole('button', { name: 'Take row 1 out' })).toBeDisabled();
    expect(screen.getAllByRole('textbox')).toHaveLength(5);
  });
});

describe('a fit on paper', () => {
  it('tells what was measured, with its unit, and nothing that was not', () => {
    const fit = fitOf('through-axle');
    render(FitOnPaper, {
      fields: fit?.fields ?? [],
      entered: {
        'old.lengthMm': '172',
        'new.lengthMm': '6-3/4"',
        'new.head': 'CONE',
        spacersMm: '',
      },
      unit: 'mm',
      address: '/fit/through-axle?',
    });
    const told = [...document.querySelectorAll('dl > div')].map((d) => d.textContent.trim());
    expect(told.map((t) => t.replace(/\s+/g, ' '))).toEqual([
      'The old one: Length under its head 172 mm',
      'The new one: Length under its head 6-3/4"',
      'The new one: Head cone',
    ]);
    expect(document.body).toHaveTextContent('Opens again at');
  });
});

describe('a verdict', () => {
  it.each([
    ['FITS', 'Fits'],
    ['TOO_CLOSE', 'Too close to call'],
    ['DOES_NOT', 'Does not fit'],
  ] as const)('%s is said as %s, with its reason', (verdict, words) => {
    render(Verdict, {
      verdict,
      says: undefined,
      reasons: ['So it is.'],
      derivation: [],
      stale: false,
    });
    expect(screen.getByRole('status')).toHaveTextContent(words);
    expect(screen.getByRole('status')).toHaveTextContent('So it is.');
  });

  it('is not said of a figure that nothing was asked of', () => {
    render(Verdict, {
      verdict: undefined,
      says: undefined,
      reasons: ['50 g less.'],
      derivation: [],
      stale: false,
    });
    expect(screen.getByRole('status')).toHaveTextContent(/^50 g less\.$/);
  });
});
