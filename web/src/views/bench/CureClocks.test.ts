import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import CureClocks from './CureClocks.svelte';

const clock: Schemas['CureClock'] = {
  jointId: 'plate',
  title: 'Frame plate',
  product: 'Bottle M',
  wettedAt: '2026-05-04T08:00:00Z',
  finalBy: '2026-05-04T08:25:00Z',
  late: false,
  words: 'Sets while you work.',
};

describe('what is setting', () => {
  it('says by when the final torque has to be reached', () => {
    render(CureClocks, { clocks: [clock] });
    expect(screen.getByRole('listitem')).toHaveTextContent(
      /Frame plate, Bottle M: final torque by \d\d:25/,
    );
  });

  it('says from when it may be ridden once it is tight', () => {
    const done = { finalAt: '2026-05-04T08:20:00Z', ridableFrom: '2026-05-05T08:20:00Z' };
    render(CureClocks, { clocks: [{ ...clock, ...done }] });
    expect(screen.getByRole('listitem')).toHaveTextContent(/ridable from 5 May,? \d\d:20/);
  });

  it('says what to do when it came too late, and when its sheet is not known', () => {
    const late = { ...clock, late: true, words: 'Take it apart.' };
    const unknown: Schemas['CureClock'] = {
      ...clock,
      jointId: 'pair',
      words: 'Its times are not on the shelf: use the maker’s sheet.',
    };
    delete unknown.finalBy;
    render(CureClocks, { clocks: [late, unknown] });
    const [first, second] = screen.getAllByRole('listitem');
    expect(first).toHaveTextContent('Take it apart.');
    expect(second).toHaveTextContent('use the maker’s sheet');
  });

  it('is not there while nothing sets', () => {
    const { container } = render(CureClocks, { clocks: [] });
    expect(container.querySelector('ul')).toBeNull();
  });
});
