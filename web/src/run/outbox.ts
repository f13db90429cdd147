import type { Trouble } from '../api/client';
import {
  dropWaiting,
  keepWaiting,
  markWaiting,
  waitingOf,
  type EntrySent,
  type Said,
  type Signature,
  type Waiting,
} from './waiting';

export type { EntrySent, Said };

/** One thing to be said: about which step and fastener, and with whose PIN beside it. */
export interface Saying {
  said: Said;
  stepId: string;
  fastener?: number | undefined;
  pin?: EntrySent['witness'] | undefined;
}

const DEVICE = 'unimetric.device';
const FAR_AWAY = [0, 401, 429, 502, 503, 504];
const FAILED = 500;
/** How often an entry at which the server fails is sent before it is shown. */
const TRIES = 3;
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

/** Whether the server failed at an entry; it is tried a few times. */
const hasFailed = (trouble: Trouble): boolean => trouble.status === FAILED;

/**
 * What was said at one job and not yet taken. It survives a reload; what carries a PIN is kept in
 * memory only. The id makes a resend harmless; the numbers are given when it goes out. Nothing is
 * dropped by itself: what the server does not take stays, with what it said, until somebody sends it
 * again or says it anew, and what was said later waits behind it.
 */
export class Outbox<Answer> {
  private held: Waiting[] = [];
  /** What another person's PIN went with; the PIN is kept in memory only. */
  private readonly pins = new Map<string, NonNullable<EntrySent['witness']>>();
  private readonly tries = new Map<string, number>();
  private next: number;

  constructor(
    private readonly jobId: string,
    private readonly send: (device: string, events: EntrySent[]) => Promise<Answer>,
  ) {
    this.next = Number(localStorage.getItem(this.counter) ?? '0') + 1;
  }

  /**
   * Takes up what waited here before. What another person's PIN went with cannot be sent any more:
   * it is given up and told.
   */
  async open(): Promise<Waiting[]> {
    const before = await waitingOf(this.jobId);
    const known = new Set(this.held.map((h) => h.entry.id));
    const more = before.filter((w) => !known.has(w.entry.id));
    const lost = more.filter((w) => w.witness);
    this.held = [...more.filter((w) => !w.witness), ...this.held];
    if (lost.length) await dropWaiting(this.jobId, new Set(lost.map((w) => w.entry.id)));
    return lost;
  }

  /** What waits of some people, in the order it was said. */
  waitingOf(people: readonly string[]): Waiting[] {
    return this.held.filter((h) => people.includes(h.by.id));
  }

  /** The one that the server did not take; what was said later waits behind it. */
  get refused(): Waiting | undefined {
    return this.held.find((h) => h.refused !== undefined);
  }

  /** Names of others whose words wait here until they sign in. */
  othersThan(people: readonly string[]): string[] {
    return [...new Set(this.held.filter((h) => !people.includes(h.by.id)).map((h) => h.by.name))];
  }

  /** Holds one more; returns its id. Whether it is kept over a reload is told by the promise. */
  add(saying: Saying, by: Signature, witness?: Signature): { id: string; kept: Promise<void> } {
    const id = crypto.randomUUID();
    const { said, stepId, fastener, pin } = saying;
    const one: Waiting = {
      jobId: this.jobId,
      by: { ...by },
      // A copy: what a screen hands over may not be one that the store can keep.
      ...(witness ? { witness: { ...witness } } : {}),
      entry: {
        id,
        stepId,
        ...(fastener === undefined ? {} : { fastener }),
        said: { ...said },
        doneAt: deviceNow(),
      },
    };
    if (pin) this.pins.set(id, pin);
    this.held = [...this.held, one];
    return { id, kept: keepWaiting(one) };
  }

  /** Takes back what was just said and may not be, or what is said anew. */
  async takeBack(id: string): Promise<void> {
    await this.drop(new Set([id]));
  }

  /** The one that was not taken is sent once more. */
  async again(): Promise<void> {
    const one = this.refused;
    if (!one) return;
    this.tries.delete(one.entry.id);
    const fresh = { ...one };
    delete fresh.refused;
    await this.mark(fresh);
  }

  /**
   * Sends what these people said, in order, many at once, and hands over each answer. What cannot be
   * reached stays. Where one is refused it stays with what was said of it, what was said later waits
   * behind it, and the refusal is thrown.
   */
  async flush(
    people: readonly string[],
    taken: (answer: Answer, ids: string[]) => void,
  ): Promise<void> {
    let most = AT_ONCE;
    const some = () => {
      const mine = this.waitingOf(people);
      const stuck = mine.findIndex((w) => w.refused !== undefined);
      return mine.slice(0, stuck < 0 ? most : Math.min(stuck, most));
    };
    for (let now = some(); now.length; now = some()) {
      const ids = now.map((w) => w.entry.id);
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
        await this.wasNotTaken(now[0], e as Trouble);
        throw e;
      }
      await this.drop(new Set(ids));
    }
  }

  /** A failing server is tried a few times; what is refused is so at once. */
  private async wasNotTaken(one: Waiting | undefined, trouble: Trouble): Promise<void> {
    if (!one) return;
    const tried = (this.tries.get(one.entry.id) ?? 0) + 1;
    this.tries.set(one.entry.id, tried);
    if (hasFailed(trouble) && tried < TRIES) return;
    await this.mark({ ...one, refused: trouble.detail });
  }

  private async mark(now: Waiting): Promise<void> {
    this.held = this.held.map((h) => (h.entry.id === now.entry.id ? now : h));
    await markWaiting(now).catch(() => undefined);
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
      const witness = this.pins.get(w.entry.id);
      return {
        ...w.entry,
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
    this.held = this.held.filter((h) => !ids.has(h.entry.id));
    ids.forEach((id) => {
      this.pins.delete(id);
      this.tries.delete(id);
    });
    await dropWaiting(this.jobId, ids);
  }

  private get counter(): string {
    return `unimetric.run.${this.jobId}.counter`;
  }
}
