import { api, ask, asTrouble, type Schemas, type Trouble } from '../api/client';
import { here } from '../api/session.svelte';
import { movedOn } from './moved';
import { deviceNow, Outbox, type Saying } from './outbox';

type RunPage = Schemas['RunPage'];
type Moved = Schemas['Moved'];
const RETRY_MS = 4000;

/** A run on this device: the server's last word on it, and what still waits to be sent. */
export class BenchRun {
  page = $state.raw() as RunPage;
  waiting = $state(0);
  busy = $state(false);
  trouble = $state<Trouble | null>(null);
  /** Why the last entry moved nothing on; empty when it counted. */
  notCounted = $state('');
  private readonly outbox: Outbox<Moved>;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(page: RunPage) {
    this.page = page;
    this.outbox = new Outbox(
      page.jobId,
      (device, event) =>
        ask(
          api.POST('/api/jobs/{id}/run/events', {
            params: { path: { id: page.jobId } },
            body: {
              device,
              sentAt: deviceNow(),
              known: this.page.state.entries.length,
              events: [event],
            },
          }),
        ),
      (moved) => (this.page = movedOn(this.page, moved)),
    );
    this.waiting = this.outbox.waitingFor(this.me);
    if (this.waiting) void this.flush();
  }

  private get me(): string {
    return here.person?.id ?? '';
  }

  get step(): Schemas['RunStep'] | undefined {
    return this.page.sheet.steps.find((s) => s.id === this.page.state.currentStep);
  }

  get joint(): Schemas['RunJoint'] | undefined {
    return this.page.sheet.joints.find((j) => j.id === this.step?.jointId);
  }

  /** Says one thing about the step in hand; true when it was taken and counted. */
  async say(saying: Partial<Saying> & Pick<Saying, 'kind'>): Promise<boolean> {
    if (this.busy || this.waiting) return false;
    const fastener = this.page.state.nextFastener;
    const id = this.outbox.add(
      {
        stepId: this.step?.id ?? '-',
        ...(fastener === undefined ? {} : { fastener }),
        ...saying,
      },
      this.me,
    );
    await this.flush();
    const entry = this.page.state.entries.find((e) => e.event.id === id);
    this.notCounted = entry?.notCounted ?? '';
    return entry !== undefined && entry.notCounted === undefined;
  }

  async flush(): Promise<void> {
    clearTimeout(this.timer);
    this.busy = true;
    this.trouble = null;
    try {
      await this.outbox.flush(this.me);
    } catch (e) {
      this.trouble = asTrouble(e);
      if (this.trouble.status === 401) void here.look();
    }
    this.waiting = this.outbox.waitingFor(this.me);
    this.busy = false;
    if (this.waiting) this.timer = setTimeout(() => void this.flush(), RETRY_MS);
  }

  leave(): void {
    clearTimeout(this.timer);
  }
}
