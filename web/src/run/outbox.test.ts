import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Trouble } from '../api/client';
import { device, Outbox, type Said, type Saying } from './outbox';

const JOB = 'job-1';
const BRAM = 'bram';
const done: Saying = { stepId: 'step.stand', kind: 'DONE' };
const trouble = (status: number, more: Partial<Trouble> = {}): Trouble => ({
  status,
  detail: '',
  errors: [],
  ...more,
});

const nobody = () => undefined;

describe('the outbox', () => {
  beforeEach(() => localStorage.clear());

  it('numbers what goes out from one, without gaps', async () => {
    const sent: number[] = [];
    const box = new Outbox(JOB, (_, e: Said) => Promise.resolve(sent.push(e.counter)), nobody);
    box.add(done, BRAM);
    box.add(done, BRAM);
    await box.flush(BRAM);
    box.add(done, BRAM);
    await box.flush(BRAM);
    expect(sent).toEqual([1, 2, 3]);
  });

  it('keeps what could not be sent, over a reload, under the same id', async () => {
    const box = new Outbox(JOB, () => Promise.reject(trouble(503)), nobody);
    const id = box.add(done, BRAM);
    await expect(box.flush(BRAM)).rejects.toMatchObject({ status: 503 });
    const ids: string[] = [];
    const later = new Outbox(JOB, (_, e: Said) => Promise.resolve(ids.push(e.id)), nobody);
    expect(later.waitingFor(BRAM)).toBe(1);
    await later.flush(BRAM);
    expect(ids).toEqual([id]);
    expect(later.waitingFor(BRAM)).toBe(0);
  });

  it('drops what was refused and says why', async () => {
    const box = new Outbox(JOB, () => Promise.reject(trouble(400)), nobody);
    box.add(done, BRAM);
    await expect(box.flush(BRAM)).rejects.toMatchObject({ status: 400 });
    expect(box.waitingFor(BRAM)).toBe(0);
  });

  it('takes the number the server expects and tries once more', async () => {
    const send = vi
      .fn<(device: string, event: Said) => Promise<string>>()
      .mockRejectedValueOnce(trouble(409, { expectedCounter: 5 }))
      .mockResolvedValue('taken');
    const told: string[] = [];
    const box = new Outbox(JOB, send, (answer) => told.push(answer));
    box.add(done, BRAM);
    await box.flush(BRAM);
    expect(told).toEqual(['taken']);
    expect(send.mock.calls.map(([, e]) => e.counter)).toEqual([1, 5]);
  });

  it('never stores a PIN and never sends one person’s words as another’s', async () => {
    const send = vi.fn<(device: string, event: Said) => Promise<string>>().mockResolvedValue('ok');
    const box = new Outbox(JOB, send, nobody);
    box.add(
      { stepId: 'second-look', kind: 'SECOND_LOOK', witness: { name: 'Asta', pin: '2468' } },
      BRAM,
    );
    expect(JSON.stringify({ ...localStorage })).not.toContain('2468');
    await box.flush('ilse');
    expect(send).not.toHaveBeenCalled();
  });

  it('names the device once', () => {
    expect(device()).toBe(device());
  });
});
