import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import GroupCourse from './GroupCourse.svelte';
import { FRESH } from './fields';

const course: Schemas['InteractionResponse'] = {
  afterEachPass: [
    [12800, 16200, 13300, 16700],
    [16300, 16600, 16500, 16700],
  ],
  spreadPercent: [23.4, 1.8],
  passesToSpread5Percent: 2,
  passesToWantedSpread: 2,
  positions: [
    { number: 1, x: 0, y: -1 },
    { number: 2, x: 1, y: 0 },
    { number: 3, x: 0, y: 1 },
    { number: 4, x: -1, y: 0 },
  ],
  order: [1, 3, 2, 4],
  bestOrder: [1, 2, 4, 3],
  reasons: ['Each bolt pulled relaxes those beside it.'],
};

describe('what a group of bolts does to each other', () => {
  it('shows the clamp load of each after each pass, and the spread', () => {
    render(GroupCourse, { course, desk: { ...FRESH, passes: '2' } });
    const rows = screen.getAllByRole('row').slice(1);
    const cells = rows.map((r) => [...r.querySelectorAll('td')].map((c) => c.textContent.trim()));
    expect(cells).toEqual([
      ['1', '12.8', '16.2', '13.3', '16.7', '23.4 %'],
      ['2', '16.3', '16.6', '16.5', '16.7', '1.8 %'],
    ]);
  });

  it('says how many passes bring them together and which order leaves the least', () => {
    const { container } = render(GroupCourse, { course, desk: { ...FRESH, passes: '2' } });
    expect(container).toHaveTextContent('2 passes bring all within 5 %');
    expect(container).toHaveTextContent('the least spread comes of 1 2 4 3');
  });

  it('draws the clamp load of the pass that is chosen, the last one to begin with', async () => {
    render(GroupCourse, { course, desk: { ...FRESH, passes: '2' } });
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain(
      'clamp load 1: 98 %, 2: 99 %, 3: 99 %, 4: 100 %',
    );
    await fireEvent.click(screen.getByRole('button', { name: '1' }));
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('1: 77 %, 2: 97 %');
    expect(screen.getByRole('button', { name: '1' })).toHaveAttribute('aria-pressed', 'true');
  });

  it('says nothing of a best order that is the usual one, nor of one that was not sought', () => {
    const { container, rerender } = render(GroupCourse, {
      course: { ...course, bestOrder: [1, 3, 2, 4] },
      desk: FRESH,
    });
    expect(container).not.toHaveTextContent('least spread');
    return rerender({ course: { ...course, bestOrder: undefined } }).then(() =>
      expect(container).not.toHaveTextContent('least spread'),
    );
  });
});
