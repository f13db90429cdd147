import 'fake-indexeddb/auto';
import { describe, expect, it, vi } from 'vitest';
import type { Trouble } from '../api/client';
import { device, Outbox, type EntrySent, type Saying } from './outbox';
import { waitingOf, type Signature } from './waiting';

const BRAM: Signature = { id: 'bram', name: 'Bram', lead: false };
const done: Saying = { stepId: 'step.stand', said: { kind: 'DONE' } };
const trouble = (status: number, more: Partial<Trouble> = {}): Trouble => ({
  status,
  detail: '',
  errors: [],
  ...more,
});
/** Each test at a job of its own. */
const job = () => crypto.randomUUID();
const nothing = () => undefined;
type Send = (device: string, events: EntrySent[]) => Promise<string>;

describe('the outbox', () => {
  it('sends what waits together, numbered from one without gaps', async () => {
    const send = vi.fn<Send>().mockResolvedValue('ok');
    const box = new Outbox(job(), send);
    box.add(done, BRAM);
    box.add(done, BRAM);
    await box.flush([BRAM.id], nothing);
    box.add(done, BRAM);
    await box.flush([BRAM.id], nothing);
    expect(send.mock.calls.map(([, events]) => events.map((e) => e.counter))).toEqual([
      [1, 2],
      [3],
    ]);
  });

  it('sends no more at once than the server takes', async () => {
    const send = vi.fn<Send>().mockResolvedValue('ok');
    const box = new Outbox(job(), send);
    for (let i = 0; i < 201; i++) box.add(done, BRAM);
    await box.flush([BRAM.id], nothing);
    expect(send.mock.calls.map(([, events]) => events.length)).toEqual([200, 1]);
  });

  it('keeps what could not be sent, over a reload, under the same id and in its order', async () => {
    const at = job();
    const box = new Outbox(at, () => Promise.reject(trouble(503)));
    const first = box.add(done, BRAM);
    const second = box.add({ stepId: 'step.jack', said: { kind: 'DONE' } }, BRAM);
    await Promise.all([first.kept, second.kept]);
    await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 503 });
    const send = vi.fn<Send>().mockResolvedValue('ok');
    const later = new Outbox(at, send);
    await later.open();
    expect(later.waitingOf([BRAM.id])).toHaveLength(2);
    await later.flush([BRAM.id], nothing);
    expect(send.mock.calls[0]?.[1].map((e) => e.id)).toEqual([first.id, second.id]);
    const last = new Outbox(at, send);
    await last.open();
    expect(last.waitingOf([BRAM.id])).toEqual([]);
  });

  it('keeps the one at fault with what was said of it; what was said after it waits', async () => {
    const bad = (e: EntrySent) => e.stepId === 'bad';
    const at = job();
    let mended = false;
    const send: Send = (_, events) =>
      events.some(bad) && !mended
        ? Promise.reject(trouble(400, { detail: 'no such step' }))
        : Promise.resolve('ok');
    const box = new Outbox(at, send);
    const kept = ['good', 'bad', 'after'].map(
      (stepId) => box.add({ stepId, said: { kind: 'DONE' } }, BRAM).kept,
    );
    await Promise.all(kept);
    await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 400 });
    const steps = (of: Outbox<string>) => of.waitingOf([BRAM.id]).map((w) => w.entry.stepId);
    expect(steps(box)).toEqual(['bad', 'after']);
    expect(box.refused?.refused).toBe('no such step');
    await box.flush([BRAM.id], nothing);
    expect(steps(box), 'nothing goes past it').toEqual(['bad', 'after']);
    const reloaded = new Outbox(at, send);
    await reloaded.open();
    expect(reloaded.refused?.entry.stepId, 'it is kept over a reload').toBe('bad');
    mended = true;
    await reloaded.again();
    await reloaded.flush([BRAM.id], nothing);
    expect(steps(reloaded)).toEqual([]);
  });

  it('tries a failing server three times, then shows the entry; other jobs go on', async () => {
    const send = vi.fn<Send>().mockRejectedValue(trouble(500, { detail: 'went wrong here' }));
    const box = new Outbox(job(), send);
    box.add(done, BRAM);
    for (let i = 0; i < 3; i++) {
      expect(box.refused, `before try ${i + 1}`).toBeUndefined();
      await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 500 });
    }
    expect(box.refused?.refused).toBe('went wrong here');
    await box.flush([BRAM.id], nothing);
    expect(send).toHaveBeenCalledTimes(3);
    await box.again();
    await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 500 });
    expect(box.refused, 'sent again it has its three tries').toBeUndefined();
    const other = new Outbox(job(), vi.fn<Send>().mockResolvedValue('ok'));
    other.add(done, BRAM);
    await other.flush([BRAM.id], nothing);
    expect(other.waitingOf([BRAM.id])).toEqual([]);
  });

  it('takes the number the server expects and tries once more', async () => {
    const send = vi
      .fn<Send>()
      .mockRejectedValueOnce(trouble(409, { expectedCounter: 5 }))
      .mockResolvedValue('taken');
    const told: string[] = [];
    const box = new Outbox(job(), send);
    box.add(done, BRAM);
    await box.flush([BRAM.id], (answer) => told.push(answer));
    expect(told).toEqual(['taken']);
    expect(send.mock.calls.map(([, events]) => events[0]?.counter)).toEqual([1, 5]);
  });

  it('never stores a PIN and never sends one person’s words as another’s', async () => {
    const at = job();
    const send = vi.fn<Send>().mockResolvedValue('ok');
    const box = new Outbox(at, send);
    const { kept } = box.add(
      {
        stepId: 'second-look',
        said: { kind: 'SECOND_LOOK', finding: 'GOOD' },
        pin: { name: 'Asta', pin: '2468' },
      },
      BRAM,
    );
    await kept;
    expect(JSON.stringify(await waitingOf(at))).not.toContain('2468');
    await box.flush(['ilse'], nothing);
    expect(send).not.toHaveBeenCalled();
    expect(box.othersThan(['ilse'])).toEqual(['Bram']);
    await box.flush([BRAM.id], nothing);
    expect(send.mock.calls[0]?.[1][0]?.witness).toEqual({ name: 'Asta', pin: '2468' });
  });

  it('tells after a reload whose look went with a PIN and could not be sent', async () => {
    const at = job();
    const box = new Outbox(at, () => Promise.reject(trouble(0)));
    // As a screen's state hands it over: a proxy, which no store takes as it is.
    const asta: Signature = new Proxy({ id: 'asta', name: 'Asta', lead: true }, {});
    const look: Saying = {
      stepId: 'second-look',
      said: { kind: 'SECOND_LOOK', finding: 'GOOD' },
    };
    await box.add({ ...look, pin: { name: 'Asta', pin: '2468' } }, BRAM, asta).kept;
    const reloaded = new Outbox(at, () => Promise.resolve('ok'));
    expect((await reloaded.open()).map((w) => w.witness?.name)).toEqual(['Asta']);
    expect(reloaded.waitingOf([BRAM.id])).toEqual([]);
    expect(await reloaded.open()).toEqual([]);
  });

  it('gives nothing up where another tab is quicker with the numbers', async () => {
    let expected = 5;
    const send = vi.fn<Send>(() => Promise.reject(trouble(409, { expectedCounter: expected++ })));
    const box = new Outbox(job(), send);
    box.add(done, BRAM);
    box.add(done, BRAM);
    await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 409 });
    expect(box.waitingOf([BRAM.id])).toHaveLength(2);
  });

  it('gets through where the first of those that wait was taken before', async () => {
    const taken = new Set<string>();
    let next = 1;
    // As the server does it: what is there is passed over, what is new has the next number.
    const send: Send = (_, events) => {
      const fresh = events.filter((e) => !taken.has(e.id));
      if (fresh.some((e, i) => e.counter !== next + i))
        return Promise.reject(trouble(409, { expectedCounter: next }));
      fresh.forEach((e) => taken.add(e.id));
      next += fresh.length;
      return Promise.resolve('ok');
    };
    const box = new Outbox(job(), send);
    const { id } = box.add(done, BRAM);
    taken.add(id);
    next = 7;
    box.add(done, BRAM);
    await box.flush([BRAM.id], nothing);
    expect(box.waitingOf([BRAM.id])).toEqual([]);
    expect(taken.size).toBe(2);
  });

  it('names the device once', () => {
    expect(device()).toBe(device());
  });
});
