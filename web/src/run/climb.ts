import type { Schemas } from '../api/client';

/** One torque of a climb as it stands. */
export interface ClimbedTorque {
  /** Of its slip test. */
  stepId: string;
  /** What it is set to, N·m. */
  nm?: number;
  now: boolean;
  slipped: boolean;
  held: boolean;
}

/** The torques a joint is climbed by, with what their slip tests came to; none where it is not. */
export function climbOf(
  page: Schemas['RunPage'],
  jointId: string,
  inHand: Schemas['RunStep'],
): ClimbedTorque[] {
  const steps = page.sheet.steps.filter((s) => s.jointId === jointId);
  const done = new Set(page.state.doneSteps);
  return steps
    .filter((s) => s.kind === 'SLIP_TEST')
    .map((test) => {
      const pull = steps.find((s) => s.kind === 'TIGHTEN' && s.percent === test.percent);
      const last = page.state.entries.findLast(
        (e) => e.event.stepId === test.id && e.verdict !== undefined && !e.correctedBy,
      );
      const said = done.has(test.id) || page.state.pending?.event.stepId === test.id;
      return {
        stepId: test.id,
        ...(pull?.settingNm === undefined ? {} : { nm: pull.settingNm }),
        now: inHand.percent === test.percent,
        slipped: said && last?.event.kind === 'SLIPS',
        held: said && last?.event.kind === 'HOLDS',
      };
    });
}
