import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { climbOf } from './climb';

type Kind = Schemas['RunStep']['kind'];
const step = (id: string, kind: Kind, percent: number, settingNm?: number, jointId = 'clamp') =>
  ({ id, kind, percent, settingNm, jointId }) as Schemas['RunStep'];
const steps = [
  step('pass.1', 'TIGHTEN', 75, 3),
  step('slip.1', 'SLIP_TEST', 75),
  step('pass.2', 'TIGHTEN', 100, 4),
  step('slip.2', 'SLIP_TEST', 100),
  step('round.1', 'CHECK_PASS', 75, 3),
  step('slip.other', 'SLIP_TEST', 100, undefined, 'other'),
];
const entry = (stepId: string, kind: string, correctedBy?: string) => ({
  event: { id: stepId + kind, stepId, kind },
  verdict: 'GOOD',
  correctedBy,
});
const page = (entries: ReturnType<typeof entry>[], doneSteps: string[], pending?: string) =>
  ({
    sheet: { steps },
    state: { entries, doneSteps, pending: pending && { event: { stepId: pending } } },
  }) as unknown as Schemas['RunPage'];

describe('a climb as it stands', () => {
  it('begins at its first torque', () => {
    const all = climbOf(page([], []), 'clamp', step('pass.1', 'TIGHTEN', 75, 3));
    expect(all.map((t) => [t.nm, t.now, t.slipped, t.held])).toEqual([
      [3, true, false, false],
      [4, false, false, false],
    ]);
  });

  it('tells what slipped and what held', () => {
    const said = [entry('slip.1', 'SLIPS'), entry('slip.2', 'HOLDS')];
    const all = climbOf(
      page(said, ['slip.1', 'slip.2']),
      'clamp',
      step('round.1', 'CHECK_PASS', 100),
    );
    expect(all.map((t) => [t.slipped, t.held])).toEqual([
      [true, false],
      [false, true],
    ]);
  });

  it('forgets what was struck or begun again', () => {
    const struck = climbOf(
      page([entry('slip.1', 'SLIPS', 'x')], []),
      'clamp',
      step('s', 'HAND', 0),
    );
    expect(struck.some((t) => t.slipped || t.held)).toBe(false);
    const again = climbOf(page([entry('slip.1', 'SLIPS')], []), 'clamp', step('s', 'HAND', 0));
    expect(again.some((t) => t.slipped)).toBe(false);
  });

  it('shows the slip that stops it', () => {
    const all = climbOf(
      page([entry('slip.2', 'SLIPS')], ['slip.1'], 'slip.2'),
      'clamp',
      step('slip.2', 'SLIP_TEST', 100),
    );
    expect(all.at(-1)).toEqual({ stepId: 'slip.2', nm: 4, now: true, slipped: true, held: false });
  });

  it('is none of a joint that is not climbed', () => {
    expect(climbOf(page([], []), 'plate', step('pass.1', 'TIGHTEN', 75))).toEqual([]);
  });
});
