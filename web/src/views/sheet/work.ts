import type { Schemas } from '../../api/client';

type Sheet = Schemas['JobSheet'];
type Joint = Schemas['SheetJoint'];

/** One row of the work as the sheet shows it. */
export interface WorkRow {
  /** What it is about: the joint, or the way to the step. */
  key: string;
  /** Its place on the page. */
  anchor: string;
  doing: string;
  title: string;
  text: string;
  hold: boolean;
  side?: 'LEFT' | 'RIGHT';
  jointId?: string;
  /** Of the row that brings a joint to its final torque. */
  joint?: Joint;
  final: boolean;
  /** The assembly it belongs to, empty for none. */
  group: string;
  at: string[];
  traps: string[];
  why: string;
}

/** The rows of the work; where no order could be found, its joints as they stand. */
export function inSequence(sheet: Sheet): WorkRow[] {
  const met = new Map<string, number>();
  const unique = (name: string) => {
    const times = met.get(name) ?? 0;
    met.set(name, times + 1);
    return times ? `${name}.${times}` : name;
  };
  if (!sheet.work.length) return sheet.joints.map((j) => ofJoint(j, 'tighten', ''));
  return sheet.work.map((line) => {
    const joint = sheet.joints.find((j) => j.id === line.jointId) ?? undone(sheet, line);
    if (joint && (line.kind === 'FINAL' || line.kind === 'TRY'))
      return { ...ofJoint(joint, line.doing, line.text), why: line.why ?? '' };
    const key = joint ? joint.id : line.at.join('/') || line.title;
    return {
      key,
      anchor: unique(`work-${key}-${line.kind}`),
      doing: line.doing,
      title: joint ? bare(joint) : line.title,
      text: line.kind === 'UNDO' ? '' : line.text,
      hold: line.hold,
      ...(joint?.side ? { side: joint.side } : {}),
      ...(joint ? { jointId: joint.id } : {}),
      final: false,
      group: joint ? groupOf(joint) : '',
      at: line.at,
      traps: line.traps,
      why: line.why ?? '',
    };
  });
}

/** The joint that a line breaks loose. */
const undone = (sheet: Sheet, line: Schemas['SheetLine']) =>
  line.kind === 'UNDO' && line.at.at(-2) === 'joints'
    ? sheet.joints.find((j) => j.title === line.title && j.at.join('/') === line.at.join('/'))
    : undefined;

/** Whether its check alone tells when it is right: it needs no value and no torque tool. */
export const isSetByCheck = (joint: Joint) => joint.passes.every((p) => p.kind === 'SET_TO_CHECK');

/** Its title; the side stands apart. */
const bare = (joint: Joint) =>
  joint.side ? joint.title.replace(/, (left|right)$/, '') : joint.title;

const groupOf = (joint: Joint) =>
  joint.assembly ? joint.assembly : joint.jobs.length > 1 ? joint.jobs.join(' and ') : '';

const ofJoint = (joint: Joint, doing: string, text: string): WorkRow => ({
  key: joint.id,
  anchor: `joint-${joint.id}`,
  doing,
  title: bare(joint),
  text,
  hold: false,
  ...(joint.side ? { side: joint.side } : {}),
  jointId: joint.id,
  joint,
  final: true,
  group: groupOf(joint),
  at: joint.at,
  traps: joint.traps,
  why: '',
});

/** Whether a row is a step of a document, and so is moved there. */
export const isStep = (row: WorkRow) => row.at.at(-2) === 'steps';

/** Whether two rows are moved among each other: joints by the plan, steps within one document. */
export const isAlike = (a: WorkRow, b: WorkRow) =>
  a.final
    ? b.final
    : isStep(a) && isStep(b) && a.at.slice(0, -1).join('/') === b.at.slice(0, -1).join('/');
