import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import { Photographs } from './photographs.svelte';
import { photographsOf, type Signature } from './waiting';

/** What is asked of the server; the client takes hold of it when it is made. */
const asked = vi.hoisted(() => {
  const ask = vi.fn<(request: Request) => Promise<Response>>();
  globalThis.fetch = (request) => ask(request as Request);
  return ask;
});
const BRAM: Signature = { id: 'bram', name: 'Bram', lead: false };
const FILE = new Blob(['a picture'], { type: 'image/jpeg' });
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });
const shown = (id: string): Schemas['ShownPhotograph'] => ({
  id,
  stepId: 'undo.axle',
  at: 'Break loose: Axle',
  moment: 'AS_FOUND',
  momentWords: 'As found',
  words: '',
  by: 'Bram',
  takenAt: '2026-05-04T08:00:00Z',
  afterSignature: false,
  sha256: '',
  widthPx: 1,
  heightPx: 1,
});
const idOf = (request: Request) => new URL(request.url).pathname.split('/').at(-1) ?? '';
let sayable = [BRAM.id];
let made: Photographs;
const at = (job: string) =>
  (made = new Photographs(
    job,
    () => BRAM,
    () => sayable,
    (file) => Promise.resolve(file),
  ));

describe('photographs at the bench', () => {
  beforeEach(() => {
    asked.mockReset();
    sayable = [BRAM.id];
    URL.createObjectURL = () => 'blob:here';
    URL.revokeObjectURL = () => undefined;
  });
  afterEach(() => made.leave());

  it('keeps what nobody took over a reload and sends it once somebody answers', async () => {
    const job = crypto.randomUUID();
    asked.mockRejectedValue(new TypeError('nobody there'));
    const away = at(job);
    expect(await away.take(FILE, 'undo.axle', 'spacers')).toBe(true);
    await vi.waitFor(() => expect(asked).toHaveBeenCalled());
    expect(away.all.map((p) => [p.waits, p.whole])).toEqual([[true, 'blob:here']]);
    expect(away.waiting).toBe(1);
    away.leave();

    asked.mockReset();
    const sent: string[] = [];
    asked.mockImplementation((request) => {
      if (request.method === 'PUT') sent.push(request.url);
      return Promise.resolve(json(request.method === 'PUT' ? [shown(idOf(request))] : []));
    });
    const back = at(job);
    await back.open();
    await vi.waitFor(() => expect(back.waiting).toBe(0));
    expect(sent).toHaveLength(1);
    expect(sent[0]).toContain('words=spacers');
    expect(sent[0]).toContain('by=bram');
    expect(back.all.map((p) => [p.waits, p.whole])).toEqual([[false, 'blob:here']]);
    expect((await photographsOf(job)).map((p) => p.sent)).toEqual([true]);
  });

  it('shows what others took from the server', async () => {
    asked.mockImplementation(() => Promise.resolve(json([shown('one')])));
    const there = at(crypto.randomUUID());
    await there.open();
    expect(there.all.map((p) => [p.small, p.whole])).toEqual([
      ['/api/photographs/one/small.jpg', '/api/photographs/one.jpg'],
    ]);
  });

  it('says why one was refused, sends the next, and gives it up when told', async () => {
    const there = at(crypto.randomUUID());
    let refuse = true;
    asked.mockImplementation((request) => {
      const answer = refuse ? json({ detail: 'It is full.' }, 409) : json([shown(idOf(request))]);
      refuse = false;
      return Promise.resolve(answer);
    });
    await there.take(FILE, 'undo.axle', '');
    await there.take(FILE, 'undo.axle', '');
    await vi.waitFor(() => expect(there.waiting).toBe(0));
    const refused = there.all.filter((p) => p.refused);
    expect(refused.map((p) => p.refused)).toEqual(['It is full.']);
    await there.giveUp(refused[0]?.id ?? '');
    expect(there.all).toHaveLength(1);
  });

  it('keeps it while the disk of the server is full', async () => {
    asked.mockImplementation(() => Promise.resolve(json({ detail: 'No room.' }, 507)));
    const there = at(crypto.randomUUID());
    await there.take(FILE, 'undo.axle', '');
    await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(1));
    expect(there.all[0]?.refused).toBeUndefined();
    expect(there.waiting).toBe(1);
  });

  it('never sends what another took here', async () => {
    sayable = ['asta'];
    const there = at(crypto.randomUUID());
    await there.take(FILE, 'undo.axle', '');
    await there.flush();
    expect(asked).not.toHaveBeenCalled();
    expect(there.holdsOf(BRAM.id)).toBe(false);
    sayable = ['asta', BRAM.id];
    expect(there.holdsOf(BRAM.id)).toBe(true);
  });

  it('says when a file is no photograph', async () => {
    made = new Photographs(
      crypto.randomUUID(),
      () => BRAM,
      () => sayable,
      () => Promise.reject(new Error('no picture')),
    );
    expect(await made.take(FILE, 'undo.axle', '')).toBe(false);
    expect(made.trouble).toContain('cannot read that file as a photograph');
    expect(made.all).toEqual([]);
  });
});
