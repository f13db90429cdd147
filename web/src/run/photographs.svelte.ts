import { api, ask, asTrouble, type Schemas } from '../api/client';
import { deviceNow, isAway } from './outbox';
import { smaller } from './smaller';
import {
  dropPhotograph,
  keepPhotograph,
  photographsOf,
  type HeldPhotograph,
  type Signature,
} from './waiting';

type Shown = Schemas['ShownPhotograph'];
/** A photograph as the bench shows it. */
export interface Picture {
  id: string;
  stepId: string;
  by: string;
  takenAt: string;
  words: string;
  /** Addresses of the small and the whole picture. */
  small: string;
  whole: string;
  waits: boolean;
  /** Why the server did not take it. */
  refused?: string | undefined;
}
const RETRY_MS = 4000;
const NO_ROOM = 507;

/** Photographs of a run: those of the log, and those that wait on this device. */
export class Photographs {
  private told = $state.raw<Shown[]>([]);
  private held = $state.raw<HeldPhotograph[]>([]);
  /** Why the last one could not be taken; empty when it was. */
  trouble = $state('');
  /** What the next one shows, as typed. */
  words = $state('');
  /** While one is made smaller. */
  taking = $state(false);
  private readonly addresses: Record<string, string> = {};
  private sending: Promise<void> | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private left = false;

  constructor(
    private readonly jobId: string,
    private readonly me: () => Signature,
    /** Whose photographs may be sent from here. */
    private readonly sayable: () => readonly string[],
    private readonly shrink: (file: Blob) => Promise<Blob> = smaller,
  ) {}

  /** All of them, in the order they were taken. */
  readonly all = $derived.by(() => this.pictures());

  private pictures(): Picture[] {
    const told = this.told.map((t) => {
      const own = this.held.find((h) => h.id === t.id);
      const whole = own ? this.address(own) : `/api/photographs/${t.id}.jpg`;
      const small = own ? whole : `/api/photographs/${t.id}/small.jpg`;
      return { ...t, small, whole, waits: false };
    });
    const waiting = this.held
      .filter((h) => this.told.every((t) => t.id !== h.id))
      .map((h) => {
        const whole = this.address(h);
        return { ...h, by: h.by.name, small: whole, whole, waits: !h.sent };
      });
    return [...told, ...waiting].sort((a, b) => a.takenAt.localeCompare(b.takenAt));
  }

  /** How many wait to be sent. */
  get waiting(): number {
    return this.mine().length;
  }

  /** Whether some of this person's are not sent yet. */
  holdsOf(person: string): boolean {
    return this.mine().some((h) => h.by.id === person);
  }

  private mine(): HeldPhotograph[] {
    const sayable = this.sayable();
    return this.held.filter((h) => !h.sent && h.refused === undefined && sayable.includes(h.by.id));
  }

  private address(h: HeldPhotograph): string {
    return (this.addresses[h.id] ??= URL.createObjectURL(h.blob));
  }

  /** Takes up what was taken here before, and asks what the server has. */
  async open(): Promise<void> {
    const before = await photographsOf(this.jobId).catch(() => []);
    const more = before.filter((b) => this.held.every((h) => h.id !== b.id));
    this.held = [...more, ...this.held];
    await this.look();
    void this.flush();
  }

  /** Asks what the server has. */
  async look(): Promise<void> {
    try {
      this.told = await ask(
        api.GET('/api/jobs/{id}/photographs', { params: { path: { id: this.jobId } } }),
      );
    } catch {
      // Those of this device are shown all the same.
    }
  }

  /** Keeps a photograph of a step and sends it by itself; false where it cannot be read. */
  async take(file: Blob, stepId: string, words: string): Promise<boolean> {
    this.taking = true;
    this.trouble = '';
    try {
      const one: HeldPhotograph = {
        id: crypto.randomUUID(),
        jobId: this.jobId,
        stepId,
        words,
        takenAt: deviceNow(),
        by: this.me(),
        blob: await this.shrink(file),
        sent: false,
      };
      this.held = [...this.held, one];
      await keepPhotograph(one).catch(() => undefined);
      void this.flush();
      return true;
    } catch {
      this.trouble = 'This browser cannot read that file as a photograph; take it again as JPEG.';
      return false;
    } finally {
      this.taking = false;
    }
  }

  /** Sends what waits; one sending at a time. */
  flush(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => (this.sending = undefined));
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    for (let next = this.mine()[0]; next; next = this.mine()[0]) {
      try {
        this.told = await this.send(next);
        await this.change(next, { sent: true });
      } catch (e) {
        const trouble = asTrouble(e);
        if (isAway(trouble) || trouble.status === NO_ROOM) {
          if (!this.left) this.timer = setTimeout(() => void this.flush(), RETRY_MS);
          return;
        }
        await this.change(next, { refused: trouble.detail });
      }
    }
  }

  private send(one: HeldPhotograph): Promise<Shown[]> {
    return ask(
      api.PUT('/api/jobs/{id}/photographs/{photographId}', {
        params: {
          path: { id: this.jobId, photographId: one.id },
          query: {
            step: one.stepId,
            words: one.words,
            takenAt: one.takenAt,
            sentAt: deviceNow(),
            by: one.by.id,
          },
        },
        headers: { 'Content-Type': 'image/jpeg' },
        body: one.blob as unknown as string,
        bodySerializer: (body: unknown) => body as BodyInit,
      }),
    );
  }

  private async change(one: HeldPhotograph, what: Partial<HeldPhotograph>): Promise<void> {
    const changed = { ...one, ...what };
    this.held = this.held.map((h) => (h.id === one.id ? changed : h));
    await keepPhotograph(changed).catch(() => undefined);
  }

  /** Gives up one that the server did not take. */
  async giveUp(id: string): Promise<void> {
    this.held = this.held.filter((h) => h.id !== id);
    await dropPhotograph(id).catch(() => undefined);
  }

  leave(): void {
    this.left = true;
    clearTimeout(this.timer);
    Object.values(this.addresses).forEach((address) => URL.revokeObjectURL(address));
  }
}
