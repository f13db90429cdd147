import type { Trouble } from '../api/client';
import {
  dropWaiting,
  keepWaiting,
  waitingOf,
  type Said,
  type Saying,
  type Signature,
  type Waiting,
} from './waiting';

export type { Said, Saying };

const DEVICE = 'unimetric.device';
const FAR_AWAY = [0, 401, 429, 500, 502, 503, 504];
/** Most that the server takes at once. */
const AT_ONCE = 200;

/** What this device's clock says. */
export const deviceNow = (): string => new Date().toISOString();

/** This browser's name in the log, made once. */
export function device(): string {
  let id = localStorage.getItem(DEVICE);
  if (!id) {
    id = crypto.randomUUID();
    localStorage.setItem(DEVICE, id);
  }
  return id;
}

/** Whether nobody could be reached, or nobody was let in; what was said stays and is sent again. */
export const isAway = (trouble: Trouble): boolean => FAR_AWAY.includes(trouble.status);

/** Whether another tab of this device said something meanwhile; it is tried again. */
export const isOvertakenInNumbers = (trouble: Trouble): boolean =>
  trouble.expectedCounter !== undefined;

/**
 * What was said and not yet taken. It survives a reload; what carries a PIN is kept in memory only.
 * The id makes a resend harmless; the numbers are given when it goes out.
 */
export class Outbox<Answer> {
  private held: Waiting[] = [];
  /** What another person's PIN went with; the PIN is kept in memory only. */
  private readonly witnesses = new Map<string, NonNullable<Said['witness']>>();
  private next: number;

  constructor(
    private readonly jobId: string,
    private readonly send: (device: string, events: Said[]) => Promise<Answer>,
  ) {
    this.next = Number(localStorage.getItem(this.counter) ?? '0') + 1;
  }

  /**
   * Takes up what waited here before. What another person's PIN went with cannot be sent any more:
   * it is given up and told.
   */
  async open(): Promise<Waiting[]> {
    const before = await waitingOf(this.jobId);
    const known = new Set(this.held.map((h) => h.said.id));
    const more = before.filter((w) => !known.has(w.said.id));
    const lost = more.filter((w) => w.witness);
    this.held = [...more.filter((w) => !w.witness), ...this.held];
    if (lost.length) await dropWaiting(this.jobId, new Set(lost.map((w) => w.said.id)));
    return lost;
  }

  /** What waits of some people, in the order it was said. */
  waitingOf(people: readonly string[]): Waiting[] {
    return this.held.filter((h) => people.includes(h.by.id));
  }

  /** Names of others whose words wait here until they sign in. */
  othersThan(people: readonly string[]): string[] {
    return [...new Set(this.held.filter((h) => !people.includes(h.by.id)).map((h) => h.by.name))];
  }

  /** Holds one more; returns its id. Whether it is kept over a reload is told by the promise. */
  add(saying: Saying, by: Signature, witness?: Signature): { id: string; kept: Promise<void> } {
    const id = crypto.randomUUID();
    const { witness: pin, ...said } = saying;
    const one: Waiting = {
      jobId: this.jobId,
      by: { ...by },
      // A copy: what a screen hands over may not be one that the store can keep.
      ...(witness ? { witness: { ...witness } } : {}),
      said: { ...said, id, doneAt: deviceNow() },
    };
    if (pin) this.witnesses.set(id, pin);
    this.held = [...this.held, one];
    return { id, kept: keepWaiting(one) };
  }

  /** Takes back what was just said and may not be. */
  async takeBack(id: string): Promise<void> {
    await this.drop(new Set([id]));
  }

  /**
   * Sends what these people said, in order, many at once, and hands over each answer. What cannot be
   * reached stays; of what is refused the first that is at fault goes, and the refusal is thrown.
   */
  async flush(
    people: readonly string[],
    taken: (answer: Answer, ids: string[]) => void,
  ): Promise<void> {
    let most = AT_ONCE;
    const some = () => this.waitingOf(people).slice(0, most);
    for (let now = some(); now.length; now = some()) {
      const ids = now.map((w) => w.said.id);
      try {
        taken(await this.numbered(now), ids);
      } catch (e) {
        if (isAway(e as Trouble)) throw e;
        // One at a time finds the one at fault.
        if (now.length > 1) {
          most = 1;
          continue;
        }
        // Another tab of this device was quicker with the number: it is tried again, not given up.
        if (isOvertakenInNumbers(e as Trouble)) throw e;
        await this.drop(new Set(ids));
        throw e;
      }
      await this.drop(new Set(ids));
    }
  }

  private async numbered(some: Waiting[]): Promise<Answer> {
    try {
      return await this.sent(some);
    } catch (e) {
      const expected = (e as Trouble).expectedCounter;
      if (expected === undefined) throw e;
      this.next = expected;
      return this.sent(some);
    }
  }

  private async sent(some: Waiting[]): Promise<Answer> {
    const events = some.map((w, i) => {
      const witness = this.witnesses.get(w.said.id);
      return {
        ...w.said,
        by: w.by.id,
        ...(witness ? { witness } : {}),
        counter: this.next + i,
      };
    });
    const answer = await this.send(device(), events);
    this.next += some.length;
    localStorage.setItem(this.counter, String(this.next - 1));
    return answer;
  }

  private async drop(ids: ReadonlySet<string>): Promise<void> {
    this.held = this.held.filter((h) => !ids.has(h.said.id));
    ids.forEach((id) => this.witnesses.delete(id));
    await dropWaiting(this.jobId, ids);
  }

  private get counter(): string {
    return `unimetric.run.${this.jobId}.counter`;
  }
}
