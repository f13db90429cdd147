import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { withPiece } from './pieces';

const joints = (...ids: string[]) => ids.map((id) => ({ id }) as Schemas['SheetJoint']);
const sheet = { version: 3, joints: joints('a', 'b'), laterJoints: 2 } as Schemas['JobSheet'];
const ids = (s: Schemas['JobSheet']) => s.joints.map((j) => j.id);

describe('a long sheet', () => {
  it('grows by its next joints', () => {
    const more = withPiece(sheet, 2, { version: 3, joints: joints('c', 'd'), later: 0 });
    expect(ids(more)).toEqual(['a', 'b', 'c', 'd']);
    expect(more.laterJoints).toBe(0);
  });
  it('takes nothing of another version', () => {
    expect(withPiece(sheet, 2, { version: 4, joints: joints('c'), later: 1 })).toBe(sheet);
  });
  it('takes no piece twice', () => {
    expect(withPiece(sheet, 0, { version: 3, joints: joints('a', 'b'), later: 2 })).toBe(sheet);
  });
});
