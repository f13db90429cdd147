import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';

const JOB = 'job';
const page = (jobId: string) => ({ jobId }) as Schemas['RunPage'];

describe('what a device keeps', () => {
  let store: typeof import('./waiting');
  beforeAll(async () => {
    // As an earlier build left it.
    const db = await openDB('unimetric', 2, {
      upgrade(made) {
        made.createObjectStore('waiting', { autoIncrement: true }).createIndex('job', 'jobId');
        made.createObjectStore('runs', { keyPath: 'page.jobId' });
        made.createObjectStore('session');
        made.createObjectStore('photographs', { keyPath: 'id' }).createIndex('job', 'jobId');
      },
    });
    await db.add('waiting', { jobId: JOB, said: { id: 'old', kind: 'DONE' } });
    await db.put('runs', { page: page('old'), keptAt: '2026-01-01T00:00:00Z' });
    await db.put('photographs', { id: 'picture', jobId: JOB });
    db.close();
    store = await import('./waiting');
  });

  it('reads nothing of an older form and keeps the photographs', async () => {
    expect(await store.waitingOf(JOB)).toEqual([]);
    expect(await store.keptRuns()).toEqual([]);
    expect(await store.photographsOf(JOB)).toHaveLength(1);
  });

  it('tells the runs it keeps, the last one kept first', async () => {
    vi.useFakeTimers({ toFake: ['Date'] });
    try {
      for (const [id, day] of [
        ['b', '1'],
        ['a', '2'],
        ['c', '3'],
      ] as const) {
        vi.setSystemTime(`2026-01-0${day}T00:00:00Z`);
        await store.keepRun(page(id));
      }
    } finally {
      vi.useRealTimers();
    }
    expect((await store.keptRuns()).map((r) => r.page.jobId)).toEqual(['c', 'a', 'b']);
  });
});
