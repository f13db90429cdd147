import { openDB, type IDBPDatabase } from 'idb';
import type { Schemas } from '../api/client';

/** What is said at the bench: one form a kind, with what belongs to it. */
export type Said = Schemas['Said'];
export type EntrySent = Schemas['EntrySent'];
export type Signature = Schemas['Signature'];

/** Something said at a bench that the server has not taken yet. */
export interface Waiting {
  jobId: string;
  by: Signature;
  /** Who looked or let it stand beside who says so. */
  witness?: Signature;
  entry: Omit<EntrySent, 'counter' | 'witness' | 'by'>;
  /** What the server said when it did not take it; what was said later at this job waits behind it. */
  refused?: string;
}

/** A photograph taken on this device; once sent it stays to be looked at out of reach. */
export interface HeldPhotograph {
  id: string;
  jobId: string;
  stepId: string;
  words: string;
  takenAt: string;
  by: Signature;
  blob: Blob;
  sent: boolean;
  /** Why the server did not take it. */
  refused?: string;
}

/** A run as it was last known here. */
export interface KeptRun {
  page: Schemas['RunPage'];
  keptAt: string;
}

const NAME = 'unimetric';
let opened: Promise<IDBPDatabase> | undefined;

/** The device's own store: what waits, in the order it was said, and runs that can be gone on with out of reach. */
const store = () =>
  (opened ??= openDB(NAME, 3, {
    upgrade(db, before, _after, change) {
      // What was kept in an older form, before anything was released, is not read.
      if (before > 0) {
        void change.objectStore('waiting').clear();
        void change.objectStore('runs').clear();
      }
      if (before < 1) {
        db.createObjectStore('waiting', { autoIncrement: true }).createIndex('job', 'jobId');
        db.createObjectStore('runs', { keyPath: 'page.jobId' });
        db.createObjectStore('session');
      }
      if (before < 2)
        db.createObjectStore('photographs', { keyPath: 'id' }).createIndex('job', 'jobId');
    },
    // Another tab of a newer build waits for this one to let go.
    blocking() {
      void opened?.then((db) => db.close());
      opened = undefined;
    },
  }));

/** What waits of a job, oldest first. */
export async function waitingOf(jobId: string): Promise<Waiting[]> {
  return (await (await store()).getAllFromIndex('waiting', 'job', jobId)) as Waiting[];
}

/** Keeps one more. No PIN is part of it. */
export async function keepWaiting(one: Waiting): Promise<void> {
  await (await store()).add('waiting', one);
}

/** What was taken or refused waits no longer. */
export async function dropWaiting(jobId: string, ids: ReadonlySet<string>): Promise<void> {
  const change = (await store()).transaction('waiting', 'readwrite');
  const keys = change.store.index('job').iterate(jobId);
  for await (const cursor of keys) {
    if (ids.has((cursor.value as Waiting).entry.id)) await cursor.delete();
  }
  await change.done;
}

/** Notes what the server said of one that it did not take, or that it is to be sent again. */
export async function markWaiting(one: Waiting): Promise<void> {
  const change = (await store()).transaction('waiting', 'readwrite');
  for await (const cursor of change.store.index('job').iterate(one.jobId)) {
    if ((cursor.value as Waiting).entry.id === one.entry.id) await cursor.update(one);
  }
  await change.done;
}

/** Photographs of a job taken on this device. */
export async function photographsOf(jobId: string): Promise<HeldPhotograph[]> {
  return (await (await store()).getAllFromIndex('photographs', 'job', jobId)) as HeldPhotograph[];
}

export async function keepPhotograph(one: HeldPhotograph): Promise<void> {
  // A copy: what a screen holds may not be one that the store can keep.
  await (await store()).put('photographs', { ...one, by: { ...one.by } });
}

export async function dropPhotograph(id: string): Promise<void> {
  await (await store()).delete('photographs', id);
}

/** Keeps a run, so that its job can be gone on with out of reach. */
export async function keepRun(page: Schemas['RunPage']): Promise<void> {
  await (await store()).put('runs', { page, keptAt: new Date().toISOString() } satisfies KeptRun);
}

export async function keptRun(jobId: string): Promise<KeptRun | undefined> {
  return (await (await store()).get('runs', jobId)) as KeptRun | undefined;
}

/** All runs that can be gone on with out of reach, the last one kept first. */
export async function keptRuns(): Promise<KeptRun[]> {
  const all = (await (await store()).getAll('runs')) as KeptRun[];
  return all.sort((a, b) => b.keptAt.localeCompare(a.keptAt));
}

export async function keepSession(session: Schemas['Session']): Promise<void> {
  await (await store()).put('session', session, 'last');
}

export async function keptSession(): Promise<Schemas['Session'] | undefined> {
  return (await (await store()).get('session', 'last')) as Schemas['Session'] | undefined;
}

export async function keepPeople(people: Schemas['Someone'][]): Promise<void> {
  await (await store()).put('session', people, 'people');
}

export async function keptPeople(): Promise<Schemas['Someone'][] | undefined> {
  return (await (await store()).get('session', 'people')) as Schemas['Someone'][] | undefined;
}

/** Who signs out leaves nothing to read behind; what waits stays until it is sent. */
export async function forgetRead(): Promise<void> {
  const db = await store();
  await Promise.all([db.clear('runs'), db.clear('session'), dropSent(db)]);
}

/** What was sent is no longer needed here. */
async function dropSent(db: IDBPDatabase): Promise<void> {
  const change = db.transaction('photographs', 'readwrite');
  for await (const cursor of change.store.iterate()) {
    if ((cursor.value as HeldPhotograph).sent) await cursor.delete();
  }
  await change.done;
}
