import { api, ask, asTrouble, type Schemas, type Trouble } from '../api/client';
import { here, NOBODY } from '../api/session.svelte';
import { movedOn } from './moved';
import { device, deviceNow, isAway, isOvertakenInNumbers, Outbox, type Saying } from './outbox';
import { whoIsHere } from './people';
import { Photographs } from './photographs.svelte';
import { keepRun, type Signature } from './waiting';

type RunPage = Schemas['RunPage'];
type Moved = Schemas['Moved'];
type Entry = Schemas['Entry'];
type Replay = typeof import('@replay');
/** Somebody who has this bench open at another device. */
export interface Present {
  personId: string;
  device: string;
  name: string;
}
/** What comes of the log and of what waits here. */
type Standing = {
  state: Schemas['RunState'];
  trays: Schemas['Tray'][];
  summary?: Schemas['Summary'];
  problem?: string;
};
const RETRY_MS = 4000;
const SAME_TAP_MS = 300;

/**
 * A run on this device. What is said shows at once, by the core's own replay in the browser, and is
 * provisional until the server has taken it.
 */
export class BenchRun {
  /** The server's last word. */
  private told: RunPage;
  /** What is shown: the server's word and what waits here. */
  page = $state.raw() as RunPage;
  waiting = $state(0);
  /** Whether the server could not be reached the last time. */
  away = $state(false);
  /** Just after something was said: a second tap of the same glove is not a second entry. */
  settling = $state(false);
  trouble = $state<Trouble | null>(null);
  /** Why the last entry moved nothing on; empty when it counted. */
  notCounted = $state('');
  /** Entries that counted here and not with the server, because somebody else was at the same job. */
  overtaken = $state.raw<Entry[]>([]);
  /** Who has this bench open at another device. */
  others = $state.raw<Present[]>([]);
  /** Whose entries wait on this device until they sign in. */
  absent = $state.raw<string[]>([]);
  /** What another person looked at here and may not have been told to the server. */
  lost = $state.raw<string[]>([]);
  /** Whether this device cannot keep what is said over a reload. */
  forgetful = $state(false);
  readonly photographs: Photographs;
  private stream: EventSource | undefined;
  private readonly outbox: Outbox<Moved>;
  private replay: Replay | undefined;
  private readonly ready: Promise<void>;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending: Promise<void> | undefined;
  private left = false;

  constructor(page: RunPage, away = false) {
    this.told = page;
    this.page = page;
    this.away = away;
    this.outbox = new Outbox(page.jobId, (device, events) =>
      ask(
        api.POST('/api/jobs/{id}/run/events', {
          params: { path: { id: page.jobId } },
          body: { device, sentAt: deviceNow(), known: this.told.state.entries.length, events },
        }),
      ),
    );
    this.photographs = new Photographs(
      page.jobId,
      () => this.me,
      () => here.sayable,
    );
    this.ready = this.open();
  }

  private async open(): Promise<void> {
    // Without the core at hand what is said shows once the server has taken it.
    const [replay] = await Promise.all([
      import('@replay').catch(() => undefined),
      this.outbox.open().then(
        (lost) => (this.lost = lost.map((w) => w.witness?.name ?? '')),
        () => (this.forgetful = true),
      ),
    ]);
    if (this.left) return;
    void this.photographs.open();
    this.replay = replay;
    this.replay?.take(
      this.told.jobId,
      JSON.stringify({
        sheet: this.told.sheet,
        toolsOut: this.told.toolsOut,
        entries: this.told.state.entries,
      }),
    );
    this.show();
    this.keep();
    // Who else is here is known then when somebody must look and nobody can be reached.
    if (!this.away && here.mayWork) void whoIsHere().catch(() => undefined);
    if (this.waiting) void this.flush();
    this.listen();
  }

  /** So that the job can be gone on with out of reach. */
  private keep(): void {
    keepRun(this.told).catch(() => (this.forgetful = true));
  }

  private get me(): Signature {
    const person = here.acting;
    return {
      id: person?.id ?? NOBODY,
      name: person?.name ?? '',
      lead: person?.role === 'LEAD',
    };
  }

  get step(): Schemas['RunStep'] | undefined {
    return this.page.sheet.steps.find((s) => s.id === this.page.state.currentStep);
  }

  get joint(): Schemas['RunJoint'] | undefined {
    return this.page.sheet.joints.find((j) => j.id === this.step?.jointId);
  }

  /** Ids of entries the server has not taken yet. */
  get provisional(): readonly string[] {
    return this.waiting ? this.outbox.waitingOf(here.sayable).map((w) => w.said.id) : [];
  }

  /**
   * Says one thing about the step in hand; true when it counts as far as is known here. It is kept
   * and sent by itself.
   *
   * @param witness who looked or lets it stand, where that is another person
   */
  async say(saying: Partial<Saying> & Pick<Saying, 'kind'>, witness?: Signature): Promise<boolean> {
    this.settling = true;
    setTimeout(() => (this.settling = false), SAME_TAP_MS);
    await this.ready;
    // The record names the photographs that are there when it is signed.
    if (saying.kind === 'SIGNED_OFF' && !this.away) await this.photographs.flush();
    this.trouble = null;
    this.notCounted = '';
    const fastener = this.page.state.nextFastener;
    const { id, kept } = this.outbox.add(
      {
        stepId: this.step?.id ?? '-',
        ...(fastener === undefined ? {} : { fastener }),
        ...saying,
      },
      this.me,
      witness,
    );
    const problem = this.show();
    if (problem) {
      this.trouble = {
        status: 400,
        detail: problem,
        errors: [{ field: 'typed', message: problem }],
      };
      await this.outbox.takeBack(id);
      this.show();
      return false;
    }
    await kept.catch(() => (this.forgetful = true));
    const stands = () => this.page.state.entries.find((e) => e.event.id === id);
    if (!this.replay) await this.flush();
    this.notCounted = stands()?.notCounted ?? '';
    if (this.notCounted && this.replay) {
      await this.outbox.takeBack(id);
      this.show();
      return false;
    }
    // What another person's PIN is asked for is not said before the server has looked at it.
    if (saying.witness && !this.away) await this.flush();
    else void this.flush();
    return this.trouble === null && !this.notCounted;
  }

  /** Shows the server's word with what waits; tells what is wrong with the last one said. */
  private show(): string | undefined {
    const mine = this.outbox.waitingOf(here.sayable);
    this.waiting = mine.length;
    this.absent = this.outbox.othersThan(here.sayable);
    if (!this.waiting || !this.replay) {
      this.page = this.told;
      return undefined;
    }
    const standing = JSON.parse(
      this.replay.standing(
        this.told.jobId,
        JSON.stringify(
          mine.map((w) => ({
            said: w.said,
            by: w.by,
            ...(w.witness ? { witness: w.witness } : {}),
            at: w.said.doneAt,
          })),
        ),
      ),
    ) as Standing;
    if (standing.problem !== undefined) return standing.problem;
    this.page = {
      ...this.told,
      state: standing.state,
      trays: standing.trays,
      summary: standing.summary ?? this.told.summary,
    };
    return undefined;
  }

  /** The server told where the run stands. */
  private take(moved: Moved): void {
    // An answer that was overtaken by a later one says nothing new.
    if (moved.from + moved.state.entries.length < this.told.state.entries.length) return;
    const before = this.page.state.entries;
    this.told = movedOn(this.told, moved);
    this.replay?.told(this.told.jobId, JSON.stringify(moved.state.entries));
    const overtaken = moved.state.entries.filter(
      (e) =>
        e.notCounted !== undefined &&
        before.some((b) => b.event.id === e.event.id && b.notCounted === undefined),
    );
    if (overtaken.length) this.overtaken = [...this.overtaken, ...overtaken];
    this.keep();
  }

  /** Somebody else said something: what is new is fetched. */
  private async follow(): Promise<void> {
    try {
      const moved = await ask(
        api.GET('/api/jobs/{id}/run/events', {
          params: {
            path: { id: this.told.jobId },
            query: { known: this.told.state.entries.length },
          },
        }),
      );
      this.take(moved);
      this.away = false;
      if (this.outbox.waitingOf(here.sayable).length) void this.flush();
    } catch (e) {
      this.away = isAway(asTrouble(e));
    }
    this.show();
  }

  /** Hears of what is said elsewhere as long as somebody can be reached, and of who else is here. */
  private listen(): void {
    const own = device();
    const stream = new EventSource(`/api/jobs/${this.told.jobId}/run/live?device=${own}`);
    stream.addEventListener('look', () => {
      void this.follow();
      void this.photographs.look();
    });
    stream.addEventListener('pictured', () => void this.photographs.look());
    stream.addEventListener('moved', (e: MessageEvent<string>) => {
      const { entries } = JSON.parse(e.data) as { entries: number };
      if (entries > this.told.state.entries.length && !this.sending) void this.follow();
    });
    stream.addEventListener('people', (e: MessageEvent<string>) => {
      this.others = (JSON.parse(e.data) as Present[]).filter((p) => p.device !== own);
    });
    // A browser gives up where it was refused, as while the database is away.
    stream.addEventListener('error', () => {
      this.others = [];
      if (stream.readyState !== EventSource.CLOSED || this.left) return;
      setTimeout(() => this.left || this.listen(), RETRY_MS);
    });
    this.stream = stream;
  }

  /** Sends what waits; one sending at a time. */
  flush(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => (this.sending = undefined));
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    try {
      await this.outbox.flush(here.sayable, (moved) => this.take(moved));
      this.away = false;
    } catch (e) {
      const trouble = asTrouble(e);
      this.away = isAway(trouble);
      const shown = trouble.status === 401 || !(this.away || isOvertakenInNumbers(trouble));
      if (shown) this.trouble = trouble;
      if (trouble.status === 401) void here.look();
    }
    this.show();
    if (this.outbox.waitingOf(here.sayable).length && !this.left)
      this.timer = setTimeout(() => void this.flush(), RETRY_MS);
  }

  /** Who signed on here says no more; the PIN is asked for the next time, once all is sent. */
  async handBack(): Promise<void> {
    const id = this.me.id;
    here.handBack();
    await Promise.all([this.flush(), this.photographs.flush()]);
    if (this.outbox.waitingOf([id]).length === 0 && !this.photographs.holdsOf(id))
      await here.signOff(id).catch(() => undefined);
  }

  /** What was overtaken or lost has been read. */
  seen(): void {
    this.overtaken = [];
    this.lost = [];
  }

  leave(): void {
    this.left = true;
    this.stream?.close();
    this.photographs.leave();
    this.replay?.leave(this.told.jobId);
    clearTimeout(this.timer);
  }
}
