import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { inSequence, isAlike, isStep, type WorkRow } from './work';

type Sheet = Schemas['JobSheet'];
type Line = Schemas['SheetLine'];
type Joint = Schemas['SheetJoint'];

const line = (more: Partial<Line>): Line => ({
  kind: 'STEP',
  doing: 'do',
  title: 'Guard off',
  text: '',
  hold: false,
  traps: [],
  at: ['steps', 'guard'],
  ...more,
});
const joint = (id: string, more: Partial<Joint> = {}): Joint =>
  ({
    id,
    title: 'Caliper, left',
    at: ['joints', 'caliper'],
    jobs: [],
    traps: ['Hose not twisted.'],
    side: 'LEFT',
    assembly: 'Front caliper',
    ...more,
  }) as Joint;
const sheet = (work: Line[], joints: Joint[]): Sheet => ({ work, joints }) as unknown as Sheet;

describe('what is moved among what', () => {
  const row = (final: boolean, ...at: string[]) => ({ final, at }) as WorkRow;
  const inVisit = ['together', 'pads', 'document', 'steps'];
  it.each([
    ['a joint among joints', row(true, 'joints', 'a'), row(true, 'joints', 'b'), true],
    ['no joint among steps', row(true, 'joints', 'a'), row(false, 'steps', 'b'), false],
    ['a step among steps', row(false, 'steps', 'a'), row(false, 'steps', 'b'), true],
    ['within its job of a visit', row(false, ...inVisit, 'a'), row(false, ...inVisit, 'b'), true],
    ['not into another job', row(false, ...inVisit, 'a'), row(false, 'steps', 'b'), false],
    ['no step among joints', row(false, 'steps', 'a'), row(true, 'joints', 'b'), false],
    ['nothing among measures', row(false, 'asFound', 'a'), row(false, 'asFound', 'b'), false],
  ])('%s', (_, one, other, alike) => {
    expect(isAlike(one, other)).toBe(alike);
  });

  it('a step stands in a list of steps, wherever its document is', () => {
    expect(isStep(row(false, ...inVisit, 'a'))).toBe(true);
    expect(isStep(row(false, 'checks', 'a'))).toBe(false);
  });
});

describe('the work in rows', () => {
  it('gives the final torque of a joint the place the links name', () => {
    const rows = inSequence(
      sheet(
        [
          line({ kind: 'START', jointId: 'caliper.LEFT', title: 'Caliper, left' }),
          line({
            kind: 'FINAL',
            doing: 'tighten',
            jointId: 'caliper.LEFT',
            title: 'Caliper, left',
          }),
        ],
        [joint('caliper.LEFT')],
      ),
    );
    expect(rows.map((r) => [r.anchor, r.final])).toEqual([
      ['work-caliper.LEFT-START', false],
      ['joint-caliper.LEFT', true],
    ]);
    expect(rows[1]).toMatchObject({ title: 'Caliper', side: 'LEFT', group: 'Front caliper' });
  });

  it('takes the joint in hand where it is broken loose', () => {
    const rows = inSequence(
      sheet(
        [
          line({
            kind: 'UNDO',
            title: 'Caliper, left',
            text: 'Hung up.',
            at: ['joints', 'caliper'],
          }),
        ],
        [joint('caliper.RIGHT', { title: 'Caliper, right', side: 'RIGHT' }), joint('caliper.LEFT')],
      ),
    );
    expect(rows[0]).toMatchObject({ key: 'caliper.LEFT', jointId: 'caliper.LEFT', final: false });
  });

  it('keeps two rows of one step apart', () => {
    const rows = inSequence(sheet([line({}), line({})], []));
    expect(rows.map((r) => r.anchor)).toEqual(['work-steps/guard-STEP', 'work-steps/guard-STEP.1']);
    expect(rows.map((r) => r.key)).toEqual(['steps/guard', 'steps/guard']);
  });

  it('shows the joints as they stand where the rules form a ring', () => {
    const rows = inSequence(sheet([], [joint('a'), joint('b')]));
    expect(rows.map((r) => r.jointId)).toEqual(['a', 'b']);
    expect(rows.every((r) => r.final)).toBe(true);
  });
});
