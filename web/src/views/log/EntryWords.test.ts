import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import EntryWords from './EntryWords.svelte';

function entry(
  event: Partial<Schemas['RunEvent']>,
  more: Partial<Schemas['Entry']> = {},
): Schemas['Entry'] {
  return {
    event: {
      id: 'e',
      stepId: 's',
      said: { kind: 'CLICKED' },
      by: { id: 'b', name: 'Bram', lead: false },
      time: {
        doneAt: '2026-06-01T08:00:00Z',
        receivedAt: '2026-06-01T08:00:00Z',
        deviceAheadSeconds: 0,
      },
      ...event,
    },
    round: 1,
    words: { said: 'clicked at setting' },
    ...more,
  };
}

describe('an entry in words', () => {
  it('tells a click with the torque it stands for', () => {
    render(EntryWords, { entry: entry({}, { torqueNm: 22, verdict: 'INSIDE' }) });
    expect(screen.getByText(/clicked at setting/)).toHaveTextContent('22 N·m');
  });

  it('tells a reading as it was typed and that it is outside', () => {
    render(EntryWords, {
      entry: entry(
        { said: { kind: 'READING', typed: '18.5', unit: '[ft_i].[lbf_av]' } },
        {
          torqueNm: 25.08,
          verdict: 'ABOVE',
          deviation: true,
          shown: '18.5 ft·lbf',
          words: { said: 'read', came: 'above the band' },
        },
      ),
    });
    expect(screen.getByText(/read/)).toHaveTextContent('18.5 ft·lbf');
    expect(screen.getByText('above the band')).toBeInTheDocument();
  });

  it('keeps what did not count and why', () => {
    render(EntryWords, { entry: entry({}, { notCounted: 'Another step is in hand.' }) });
    expect(screen.getByText('not counted: Another step is in hand.')).toBeInTheDocument();
  });

  it('names reason, witness and correction', () => {
    render(EntryWords, {
      entry: entry(
        {
          said: { kind: 'DEVIATION_ACCEPTED', reason: 'Paint crushed' },
          witness: { id: 'a', name: 'Asta', lead: true },
        },
        {
          words: { said: 'let stand' },
          correctedBy: 'x',
          acceptedReason: 'asked the maker',
        },
      ),
    });
    const text = screen.getByText(/let stand by Asta/);
    expect(text).toHaveTextContent('“Paint crushed”');
    expect(text).toHaveTextContent('corrected by a later entry');
    expect(text).toHaveTextContent('let stand: asked the maker');
  });

  it('shows what was found bad as bad, never with a tick', () => {
    const { container } = render(EntryWords, {
      entry: entry(
        { said: { kind: 'FOUND', finding: 'BAD', reason: 'seal leaks' } },
        {
          verdict: 'BAD',
          deviation: true,
          words: { said: 'found', came: 'not as it should be' },
        },
      ),
    });
    expect(screen.getByText('not as it should be')).toHaveClass('bad');
    expect(container).toHaveTextContent('“seal leaks”');
    expect(container.querySelector('svg.bad')).toBeInTheDocument();
    expect(container.querySelector('svg.good')).toBeNull();
  });

  it('tells what is as it should be, and what was put right', () => {
    const good = render(EntryWords, {
      entry: entry(
        { said: { kind: 'FOUND', finding: 'GOOD' } },
        { verdict: 'GOOD', words: { said: 'found', came: 'as it should be' } },
      ),
    }).container;
    expect(good).toHaveTextContent('found as it should be');
    expect(good.querySelector('svg.good')).toBeInTheDocument();
    const right = render(EntryWords, {
      entry: entry(
        { said: { kind: 'FOUND', finding: 'PUT_RIGHT' } },
        { verdict: 'PUT_RIGHT', words: { said: 'found', came: 'put right' } },
      ),
    }).container;
    expect(right).toHaveTextContent('found put right');
  });
});
