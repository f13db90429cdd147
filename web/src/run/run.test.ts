import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import * as replay from '@replay';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { BenchRun } from './run.svelte';

/** What is asked of the server; the client takes hold of it when it is made. */
const asked = vi.hoisted(() => {
  const ask = vi.fn<(request: Request) => Promise<Response>>();
  // Photographs are looked at by themselves.
  globalThis.fetch = (request) =>
    (request as Request).url.includes('/photographs')
      ? Promise.resolve(new Response('[]', { headers: { 'Content-Type': 'application/json' } }))
      : ask(request as Request);
  return ask;
});

type State = Schemas['RunState'];
type Entry = Schemas['Entry'];
type Step = Schemas['RunStep'];
const vector = JSON.parse(readFileSync('../tablet/src/test/resources/run.json', 'utf8')) as {
  page: { sheet: Schemas['RunSheet']; toolsOut: Schemas['RunPage']['toolsOut'] };
  standing: { state: State };
};
const all = vector.standing.state.entries;

/** A run of which the first entries are known. */
function page(entries: Entry[]): Schemas['RunPage'] {
  const jobId = crypto.randomUUID();
  replay.take(jobId, JSON.stringify({ ...vector.page, entries }));
  const { state } = JSON.parse(replay.standing(jobId, '[]')) as { state: State };
  return { jobId, ...vector.page, state } as Schemas['RunPage'];
}
/** What the server tells who knows the first entries. */
const moved = (from: number, entries: Entry[]) => ({
  state: { ...page(all.slice(0, from)).state, entries },
  from,
  changed: [],
});
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });

/** The stream of a bench, as the tests speak through it. */
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  static last: Stream;
  readyState = 1;
  constructor() {
    super();
    Stream.last = this;
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
}

let run: BenchRun;
const opened = async (entries: Entry[]) => {
  run = new BenchRun(page(entries));
  await vi.waitFor(() => expect(Stream.last).toBeDefined());
};

describe('a run at the bench', () => {
  beforeEach(() => {
    Stream.last = undefined as unknown as Stream;
    vi.stubGlobal('EventSource', Stream);
    asked.mockReset();
  });
  afterEach(() => {
    run.leave();
    vi.unstubAllGlobals();
  });

  it('goes on before the server has answered, and keeps what was said where nobody answers', async () => {
    asked.mockRejectedValue(new TypeError('nobody there'));
    await opened([]);
    const first = run.step?.id;
    await run.say({ kind: 'DONE' });
    expect(run.step?.id).not.toBe(first);
    expect(run.provisional).toEqual([run.page.state.entries[0]?.event.id]);
    await vi.waitFor(() => expect(run.away).toBe(true));
    expect(run.waiting).toBe(1);
    expect(run.trouble).toBeNull();
  });

  it('says what is wrong and keeps nothing of it', async () => {
    await opened([]);
    expect(await run.say({ kind: 'READING', typed: 'about right', unit: 'N.m' })).toBe(false);
    expect(run.trouble?.detail).toContain('not understood as a torque');
    expect(await run.say({ kind: 'SECOND_LOOK', finding: 'GOOD' })).toBe(false);
    expect(run.notCounted).not.toBe('');
    expect(run.overtaken, 'nobody was quicker').toEqual([]);
    expect(run.waiting).toBe(0);
    expect(asked).not.toHaveBeenCalled();
  });

  it('tells what counted here and not in the log', async () => {
    await opened([]);
    asked.mockImplementation(async (request) => {
      const { events } = (await request.json()) as { events: { id: string }[] };
      const like = all[0] as Entry;
      const mine = {
        ...like,
        event: { ...like.event, id: events[0]?.id ?? '' },
        notCounted: 'Another step is in hand.',
      };
      return json(moved(0, [like, mine]));
    });
    await run.say({ kind: 'DONE' });
    await vi.waitFor(() => expect(run.waiting).toBe(0));
    expect(run.overtaken.map((e) => e.notCounted)).toEqual(['Another step is in hand.']);
    run.seen();
    expect(run.overtaken).toEqual([]);
  });

  it('tells at once, before it is sent, that somebody else was quicker', async () => {
    asked.mockRejectedValue(new TypeError('nobody there'));
    await opened([]);
    await run.say({ kind: 'DONE' });
    expect(run.overtaken).toEqual([]);
    // Back in reach the live call looks first: another said the same step done.
    asked.mockImplementation((request) =>
      Promise.resolve(
        request.method === 'GET' ? json(moved(0, all.slice(0, 1))) : json({ status: 503 }, 503),
      ),
    );
    Stream.last.dispatchEvent(new Event('look'));
    await vi.waitFor(() => expect(run.overtaken).toHaveLength(1));
    expect(run.overtaken[0]?.notCounted).not.toBe('');
    expect(run.waiting, 'it is evidence all the same').toBe(1);
  });

  it('signs nothing while the server has not taken an entry, and puts that aside with a note', async () => {
    await opened([]);
    const sent: { said: { kind: string; reason?: string } }[][] = [];
    asked.mockImplementation(async (request) => {
      const { events } = (await request.json()) as { events: (typeof sent)[number] };
      sent.push(events);
      return json({ status: 400, detail: 'no such step', errors: [] }, 400);
    });
    await run.say({ kind: 'DONE' });
    await vi.waitFor(() => expect(run.refused?.refused).toBe('no such step'));
    expect(run.waiting).toBe(1);
    expect(await run.say({ kind: 'SIGNED_OFF' })).toBe(false);
    expect(run.notCounted).toContain('before the job is signed');
    await run.sayAnew();
    expect(sent.at(-1)?.map((e) => e.said)).toEqual([
      {
        kind: 'NOTE',
        reason: 'Not taken by the server (no such step) and said anew: DONE',
      },
    ]);
  });

  it('asks once more for a PIN that is not right, and keeps nothing of it', async () => {
    await opened(all.slice(0, -1));
    expect(run.page.state.answers.map((a) => a.kind)).toContain(all.at(-1)?.event.said.kind);
    asked.mockImplementation(() =>
      Promise.resolve(json({ status: 403, detail: 'Name and PIN do not match.', errors: [] }, 403)),
    );
    const taken = await run.say(
      { kind: 'NOTE', reason: 'with a word of another' },
      { pin: { name: 'Asta', pin: '0000' } },
    );
    expect(taken).toBe(false);
    expect(run.trouble?.detail).toBe('Name and PIN do not match.');
    expect(run.refused).toBeUndefined();
    expect(run.waiting).toBe(0);
  });

  it('says that it is older than the bench, and goes on sending', async () => {
    const newer = page([]);
    const weld = { ...newer.sheet.steps[0], id: 'weld', kind: 'WELD' } as unknown as Step;
    run = new BenchRun({ ...newer, sheet: { ...newer.sheet, steps: [weld] } });
    await vi.waitFor(() => expect(run.older).toBe(true));
    asked.mockImplementation(() => Promise.resolve(json(moved(0, all.slice(0, 1)))));
    await run.say({ kind: 'NOTE', reason: 'from an older page' });
    expect(run.waiting).toBe(0);
    expect(run.page.state.entries).toHaveLength(1);
  });

  it('takes no answer back that a later one overtook', async () => {
    await opened([]);
    const answers: ((answer: Response) => void)[] = [];
    asked.mockImplementation(() => new Promise((answer) => answers.push(answer)));
    Stream.last.dispatchEvent(new Event('look'));
    Stream.last.dispatchEvent(new Event('look'));
    await vi.waitFor(() => expect(answers).toHaveLength(2));
    answers[1]?.(json(moved(0, all.slice(0, 3))));
    await vi.waitFor(() => expect(run.page.state.entries).toHaveLength(3));
    answers[0]?.(json(moved(0, all.slice(0, 1))));
    await new Promise((done) => setTimeout(done));
    expect(run.page.state.entries).toHaveLength(3);
  });

  it('opens its stream again where it was refused, not where it was left', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] });
    try {
      run = new BenchRun(page([]));
      await vi.waitFor(() => expect(Stream.last).toBeDefined());
      const first = Stream.last;
      first.close();
      first.dispatchEvent(new Event('error'));
      vi.advanceTimersByTime(5000);
      expect(Stream.last).not.toBe(first);
      const second = Stream.last;
      run.leave();
      second.dispatchEvent(new Event('error'));
      vi.advanceTimersByTime(5000);
      expect(Stream.last).toBe(second);
    } finally {
      vi.useRealTimers();
    }
  });

  it('says that a browser keeps nothing', async () => {
    const { indexedDB: kept } = globalThis;
    vi.resetModules();
    vi.stubGlobal('indexedDB', undefined);
    const { BenchRun: Anew } = await import('./run.svelte');
    run = new Anew(page([])) as BenchRun;
    await vi.waitFor(() => expect(run.forgetful).toBe(true));
    vi.stubGlobal('indexedDB', kept);
  });
});
