import { api, ask, type Schemas } from '../../api/client';

type Sheet = Schemas['JobSheet'];
type Piece = Schemas['MoreJoints'];

/** A long sheet with its next joints; as it is where the piece belongs to another version or was there. */
export function withPiece(sheet: Sheet, from: number, piece: Piece): Sheet {
  return piece.version === sheet.version && from === sheet.joints.length
    ? { ...sheet, joints: [...sheet.joints, ...piece.joints], laterJoints: piece.later }
    : sheet;
}

/** The next joints of a long sheet. */
export const pieceFrom = (jobId: string, from: number): Promise<Piece> =>
  ask(api.GET('/api/jobs/{id}/sheet/joints', { params: { path: { id: jobId }, query: { from } } }));
