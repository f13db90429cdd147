import { render } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import DueWhen from './DueWhen.svelte';
import RecheckMark from './RecheckMark.svelte';

const recheck = (more: Partial<Schemas['Recheck']>): Schemas['Recheck'] => ({
  id: 'r',
  machineId: 'm',
  machineName: 'Patrol 1',
  jobId: 'j',
  jobNumber: 3,
  jobTitle: 'Fit crash bars',
  why: 'Seats settle.',
  joints: 'Frame plate',
  jointIds: ['frame-plate'],
  afterFirstRide: false,
  standing: 'WAITING',
  targets: [],
  meterSign: 'km',
  ...more,
});

describe('when a re-check falls due', () => {
  it('names distance and day and what the meter says now', () => {
    const { container } = render(DueWhen, {
      recheck: recheck({ dueAt: 18520, onDate: '2026-06-30', meterNow: 18420 }),
    });
    expect(container).toHaveTextContent('at 18 520 km or on 30 Jun 2026');
    expect(container).toHaveTextContent('now 18 420 km');
  });

  it('speaks of hours where the machine counts hours', () => {
    const { container } = render(DueWhen, {
      recheck: recheck({ dueAt: 622, meterNow: 612, meterSign: 'h' }),
    });
    expect(container).toHaveTextContent('at 622 h');
    expect(container).toHaveTextContent('now 612 h');
  });

  it('says nothing of the meter when only the first ride matters', () => {
    const { container } = render(DueWhen, {
      recheck: recheck({ afterFirstRide: true, meterNow: 612 }),
    });
    expect(container).toHaveTextContent(/^after the first ride$/);
  });

  it.each([
    ['WAITING', undefined, 'Waiting'],
    ['DUE', undefined, 'Due'],
    ['OVERDUE', undefined, 'Overdue'],
    ['OVERDUE', 'HELD', 'Held'],
    ['DUE', 'MOVED', 'Moved'],
  ] as const)('says %s and %s as the word %s', (standing, outcome, word) => {
    const { container } = render(RecheckMark, { standing, outcome });
    expect(container).toHaveTextContent(word);
    expect(container.querySelector('svg')).not.toBeNull();
  });
});
