import { api, ask, asTrouble, type Schemas, type Trouble } from '../api/client';
import { here, NOBODY } from '../api/session.svelte';
import { movedOn } from './moved';
import {
  device,
  deviceNow,
  isAway,
  isOvertakenInNumbers,
  Outbox,
  type EntrySent,
  type Said,
} from './outbox';
import { whoIsHere } from './people';
import { Photographs } from './photographs.svelte';
import { keepRun, type Signature, type Waiting } from './waiting';

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
  problem?: { field: string; message: string };
};
/** What is said, where that is not the step and fastener in hand, and whose PIN goes with it. */
export type More = {
  stepId?: string | undefined;
  fastener?: number | undefined;
  pin?: EntrySent['witness'] | undefined;
};
const RETRY_MS = 4000;
const SAME_TAP_MS = 300;

/** What was said, in a few words of its own. */
const wordsOf = (said: Said): string =>
  Object.values(said)
    .filter((v) => typeof v === 'string')
    .join(' ');
/** Of a note. */
const LONGEST = 1000;

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
  /** What the server did not take, with what it said; what was said later waits behind it. */
  refused = $state.raw<Waiting | undefined>();
  /** Whether the bench has steps or words this page does not know: it must be loaded anew. */
  older = $state(false);
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
  /** Entries of which it was told that they did not count after all. */
  private toldOf: string[] = [];

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
    try {
      replay?.take(
        this.told.jobId,
        JSON.stringify({
          sheet: this.told.sheet,
          toolsOut: this.told.toolsOut,
          entries: this.told.state.entries,
        }),
      );
      this.replay = replay;
    } catch {
      this.older = true;
    }
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
    return this.waiting ? this.outbox.waitingOf(here.sayable).map((w) => w.entry.id) : [];
  }

  /**
   * Says one thing about the step in hand; true when it counts as far as is known here. It is kept
   * and sent by itself.
   *
   * @param witness who looked or lets it stand, where that is another person
   */
  async say(said: Said, more: More = {}, witness?: Signature): Promise<boolean> {
    this.settling = true;
    setTimeout(() => (this.settling = false), SAME_TAP_MS);
    await this.ready;
    this.trouble = null;
    this.notCounted = '';
    if (said.kind === 'SIGNED_OFF') {
      if (this.refused) {
        this.notCounted =
          'An entry was not taken by the server. Send it again or say it anew before the job is signed.';
        return false;
      }
      // The record names the photographs that are there when it is signed.
      if (!this.away) await this.photographs.flush();
    }
    const { id, kept } = this.outbox.add(
      {
        stepId: more.stepId ?? this.step?.id ?? '-',
        fastener: 'fastener' in more ? more.fastener : this.page.state.nextFastener,
        said,
        pin: more.pin,
      },
      this.me,
      witness,
    );
    // Of what is just being said it is told below.
    this.toldOf = [...this.toldOf, id];
    const problem = this.show();
    if (problem) {
      this.trouble = {
        status: 400,
        detail: problem.message,
        errors: [problem],
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
    this.toldOf = this.toldOf.filter((told) => told !== id);
    // What another person's PIN is asked for is not said before the server has looked at it.
    if (more.pin && !this.away) {
      await this.flush();
      // A PIN that is not right is typed once more; nothing was said with it.
      if (this.refused?.entry.id === id) {
        await this.outbox.takeBack(id);
        this.show();
      }
    } else void this.flush();
    return this.trouble === null && !this.notCounted;
  }

  /** What the server did not take is sent once more. */
  async sendAgain(): Promise<void> {
    await this.outbox.again();
    this.trouble = null;
    this.show();
    await this.flush();
  }

  /** What the server did not take is put aside, with a note of it in the log; it is said anew. */
  async sayAnew(): Promise<void> {
    const one = this.outbox.refused;
    if (!one) return;
    const why = `Not taken by the server (${one.refused ?? ''}) and said anew: ${wordsOf(one.entry.said)}`;
    const note = this.outbox.add(
      {
        stepId: one.entry.stepId,
        fastener: one.entry.fastener,
        said: { kind: 'NOTE', reason: why.slice(0, LONGEST) },
      },
      one.by,
    );
    // Only what stands elsewhere is let go.
    await note.kept.catch(() => (this.forgetful = true));
    await this.outbox.takeBack(one.entry.id);
    this.trouble = null;
    this.show();
    await this.flush();
  }

  /** Shows the server's word with what waits; tells what is wrong with the last one said. */
  private show(): Standing['problem'] {
    const mine = this.outbox.waitingOf(here.sayable);
    this.refused = this.outbox.refused;
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
            entry: w.entry,
            by: w.by,
            ...(w.witness ? { witness: w.witness } : {}),
            at: w.entry.doneAt,
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
    // What waits here counted when it was said, or it would not wait.
    const ids = mine.map((w) => w.entry.id);
    this.overtakenBy(standing.state.entries.filter((e) => ids.includes(e.event.id)));
    return undefined;
  }

  /** The server told where the run stands. */
  private take(moved: Moved, mine: readonly string[] = []): void {
    // An answer that was overtaken by a later one says nothing new.
    if (moved.from + moved.state.entries.length < this.told.state.entries.length) return;
    this.told = movedOn(this.told, moved);
    try {
      this.replay?.told(this.told.jobId, JSON.stringify(moved.state.entries));
    } catch {
      this.older = true;
      this.replay = undefined;
    }
    if (this.replay) this.overtakenBy(moved.state.entries.filter((e) => mine.includes(e.event.id)));
    this.keep();
  }

  /** Tells at once of what was said here and does not count, because somebody else was quicker. */
  private overtakenBy(mine: Entry[]): void {
    const news = mine.filter(
      (e) => e.notCounted !== undefined && !this.toldOf.includes(e.event.id),
    );
    this.toldOf = [...this.toldOf, ...news.map((e) => e.event.id)];
    if (news.length) this.overtaken = [...this.overtaken, ...news];
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
      await this.outbox.flush(here.sayable, (moved, ids) => this.take(moved, ids));
      this.away = false;
    } catch (e) {
      const trouble = asTrouble(e);
      this.away = isAway(trouble);
      const shown = trouble.status === 401 || !(this.away || isOvertakenInNumbers(trouble));
      if (shown) this.trouble = trouble;
      if (trouble.status === 401) void here.look();
    }
    this.show();
    if (this.outbox.waitingOf(here.sayable).length && !this.refused && !this.left)
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
