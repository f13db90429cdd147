import type { Schemas, Trouble } from '../api/client';

export type Said = Schemas['Said'];
/** What is said, before it has its number in the device's row. */
export type Saying = Omit<Said, 'counter' | 'id' | 'doneAt'>;

interface Held {
  by: string;
  said: Omit<Said, 'counter'>;
}

const DEVICE = 'unimetric.device';
const FAR_AWAY = [0, 401, 429, 500, 502, 503, 504];

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

/**
 * What was said and not yet taken. It survives a reload; what carries a PIN is kept in memory only.
 * The id makes a resend harmless; the number is given when it goes out.
 */
export class Outbox<Answer> {
  private held: Held[];
  private next: number;

  constructor(
    private readonly jobId: string,
    private readonly send: (device: string, event: Said) => Promise<Answer>,
    private readonly taken: (answer: Answer) => void,
  ) {
    this.held = JSON.parse(localStorage.getItem(this.key('outbox')) ?? '[]') as Held[];
    this.next = Number(localStorage.getItem(this.key('counter')) ?? '0') + 1;
  }

  waitingFor(person: string): number {
    return this.held.filter((h) => h.by === person).length;
  }

  /** Holds one more; returns its id. */
  add(saying: Saying, by: string): string {
    const id = crypto.randomUUID();
    this.held.push({ by, said: { ...saying, id, doneAt: deviceNow() } });
    this.store();
    return id;
  }

  /**
   * Sends what this person said, in order, and tells each answer. What cannot be reached stays; what is refused goes, and
   * the refusal is thrown.
   */
  async flush(person: string): Promise<void> {
    for (let first = this.of(person); first; first = this.of(person)) {
      try {
        this.taken(await this.sendNumbered(first.said));
      } catch (e) {
        if (!FAR_AWAY.includes((e as Trouble).status)) {
          this.drop(first);
        }
        throw e;
      }
      this.drop(first);
    }
  }

  private async sendNumbered(said: Held['said']): Promise<Answer> {
    try {
      return await this.numbered(said);
    } catch (e) {
      const expected = (e as Trouble).expectedCounter;
      if (expected === undefined) {
        throw e;
      }
      this.next = expected;
      return this.numbered(said);
    }
  }

  private async numbered(said: Held['said']): Promise<Answer> {
    const answer = await this.send(device(), { ...said, counter: this.next });
    localStorage.setItem(this.key('counter'), String(this.next));
    this.next += 1;
    return answer;
  }

  private of(person: string): Held | undefined {
    return this.held.find((h) => h.by === person);
  }

  private drop(one: Held): void {
    this.held = this.held.filter((h) => h !== one);
    this.store();
  }

  private store(): void {
    const open = this.held.filter((h) => h.said.witness === undefined);
    localStorage.setItem(this.key('outbox'), JSON.stringify(open));
  }

  private key(what: string): string {
    return `unimetric.run.${this.jobId}.${what}`;
  }
}
