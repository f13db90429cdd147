import 'fake-indexeddb/auto';
import { describe, expect, it, vi } from 'vitest';
import type { Trouble } from '../api/client';
import { device, Outbox, type Said, type Saying } from './outbox';
import { waitingOf, type Signature } from './waiting';

const BRAM: Signature = { id: 'bram', name: 'Bram', lead: false };
const done: Saying = { stepId: 'step.stand', kind: 'DONE' };
const trouble = (status: number, more: Partial<Trouble> = {}): Trouble => ({
  status,
  detail: '',
  errors: [],
  ...more,
});
/** Each test at a job of its own. */
const job = () => crypto.randomUUID();
const nothing = () => undefined;
type Send = (device: string, events: Said[]) => Promise<string>;

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
    const second = box.add({ stepId: 'step.jack', kind: 'DONE' }, BRAM);
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

  it('drops the one at fault, says why, and keeps what was said after it', async () => {
    const bad = (e: Said) => e.stepId === 'bad';
    const send: Send = (_, events) =>
      events.some(bad) ? Promise.reject(trouble(400)) : Promise.resolve('ok');
    const box = new Outbox(job(), send);
    box.add(done, BRAM);
    box.add({ stepId: 'bad', kind: 'DONE' }, BRAM);
    box.add({ stepId: 'after', kind: 'DONE' }, BRAM);
    await expect(box.flush([BRAM.id], nothing)).rejects.toMatchObject({ status: 400 });
    expect(box.waitingOf([BRAM.id]).map((w) => w.said.stepId)).toEqual(['after']);
    await box.flush([BRAM.id], nothing);
    expect(box.waitingOf([BRAM.id])).toEqual([]);
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
      { stepId: 'second-look', kind: 'SECOND_LOOK', witness: { name: 'Asta', pin: '2468' } },
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
    const look = { stepId: 'second-look', kind: 'SECOND_LOOK' } as const;
    await box.add({ ...look, witness: { name: 'Asta', pin: '2468' } }, BRAM, asta).kept;
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
