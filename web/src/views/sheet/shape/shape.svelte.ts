import { api, ask, type Schemas } from '../../../api/client';
import { asTyped, find, namesIn, type Document } from './fields';

type Shaped = Schemas['ShapedSheet'];

/** The document of one job in hand: what changes it, all of it told to the page. */
export class Shape {
  /** What stands in the document. */
  readonly document: Document;
  readonly differs: string[][];
  readonly canUndo: boolean;
  readonly canRedo: boolean;

  constructor(
    private readonly jobId: string,
    shape: Schemas['Shape'],
    private readonly taken: (page: Shaped) => void,
  ) {
    this.document = shape.document as Document;
    this.differs = shape.differs;
    this.canUndo = shape.canUndo;
    this.canRedo = shape.canRedo;
  }

  /** The jobs of a visit: the way to the document of each; only the job's own where it is one. */
  get jobs(): { within: string[]; title: string }[] {
    const together = find(this.document, ['together']);
    if (!Array.isArray(together)) return [{ within: [], title: asTyped(this.document['title']) }];
    return together.map((j) => ({
      within: ['together', asTyped(find(j, ['pack'])), 'document'],
      title: asTyped(find(j, ['document', 'title'])),
    }));
  }

  /** The last joint of a document, which is where something new begins. */
  lastJoint(within: string[]): string[] {
    return namesIn(find(this.document, [...within, 'joints'])).slice(-1);
  }

  private get params() {
    return { params: { path: { id: this.jobId } } };
  }

  /** Changes that belong together; the id makes them count once. */
  async change(edits: Schemas['NewEdit'][], id: string, reason?: string): Promise<void> {
    this.taken(
      await ask(
        api.POST('/api/jobs/{id}/shape', {
          ...this.params,
          body: { id, edits, ...(reason ? { reason } : {}) },
        }),
      ),
    );
  }

  async undo(id: string): Promise<void> {
    this.taken(await ask(api.POST('/api/jobs/{id}/shape/undo', { ...this.params, body: { id } })));
  }

  async redo(id: string): Promise<void> {
    this.taken(await ask(api.POST('/api/jobs/{id}/shape/redo', { ...this.params, body: { id } })));
  }

  /** What else changes when something is removed. */
  async touches(at: string[]): Promise<string[]> {
    const answer = await ask(
      api.POST('/api/jobs/{id}/shape/removal', { ...this.params, body: { at } }),
    );
    return answer.touches;
  }

  /** A joint said in one line; comes back with its id and what was taken for granted. */
  async line(line: string, within: string[], id: string): Promise<Schemas['AddedJoint']> {
    const added = await ask(
      api.POST('/api/jobs/{id}/joint-lines', { ...this.params, body: { id, within, line } }),
    );
    this.taken(added.page);
    return added;
  }
}
