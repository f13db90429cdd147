import type { CurvePoint } from '../joint/curve';
import type { BenchRun } from './run.svelte';
import type { Schemas } from '../api/client';

/** What is pulled. */
interface Due {
  stepId: string;
  fastener: number;
  settingNm: number;
}
/** How a pull ended; without a reading nothing is said. */
interface Ended {
  end: 'CLICKED' | 'LET_GO' | 'BATTERY_EMPTY' | 'DROPPED_OUT';
  words: string;
  typed?: string;
  unit: Schemas['ScaleReading']['unit'];
  curve?: string;
  /** What is to be said of it. */
  says?: 'READING' | 'HELD' | 'MOVED';
  movedDeg?: string;
}
const CHOSEN = 'unimetric.wrench';

/** The simulated torque wrench at this bench: each pull is followed, and its reading said. */
export class Wrench {
  /** Whether it is in hand instead of the usual tool and its keys. */
  chosen = $state(localStorage.getItem(CHOSEN) === 'simulated');
  /** How fast it is pulled, degrees per second. */
  speed = $state('20');
  fault = $state('NONE');
  /** What was read of the pull in hand, or of the last. */
  points = $state.raw<CurvePoint[]>([]);
  /** The fastener it was read of. */
  fastener = $state<number>();
  pulling = $state(false);
  /** What the last pull came to, in words, where it brought no reading. */
  words = $state('');
  /** How a fastener moved that was only tried, while it is asked why. */
  moved = $state.raw<{ deg: string; curve: string | undefined }>();
  private stream: EventSource | undefined;

  constructor(private readonly run: BenchRun) {}

  /** Takes it in hand, or lays it down. */
  take(chosen: boolean): void {
    this.chosen = chosen;
    localStorage.setItem(CHOSEN, chosen ? 'simulated' : '');
    if (!chosen) this.leave();
  }

  /** Pulls at the fastener in hand. */
  pull(): void {
    if (this.pulling) return;
    this.pulling = true;
    this.points = [];
    this.words = '';
    const how = new URLSearchParams({ speed: this.speed, fault: this.fault });
    const stream = new EventSource(`/api/jobs/${this.run.page.jobId}/run/wrench?${how.toString()}`);
    let due: Due | undefined;
    stream.addEventListener('begun', (e: MessageEvent<string>) => {
      due = (JSON.parse(e.data) as { due: Due }).due;
      this.fastener = due.fastener;
    });
    stream.addEventListener('read', (e: MessageEvent<string>) => {
      this.points = [...this.points, ...(JSON.parse(e.data) as CurvePoint[])];
    });
    stream.addEventListener('ended', (e: MessageEvent<string>) => {
      this.leave();
      this.took(due, JSON.parse(e.data) as Ended);
    });
    // A stream that broke is not opened again by itself: that would be another pull.
    stream.addEventListener('error', () => {
      this.leave();
      this.words =
        'The wrench cannot be followed just now, and nothing was written down. Type its reading, or pull again.';
    });
    this.stream = stream;
  }

  private took(due: Due | undefined, ended: Ended): void {
    const { says, words, typed, unit, movedDeg } = ended;
    if (due === undefined || says === undefined) {
      this.words = words;
      return;
    }
    const curve = ended.curve === undefined ? {} : { curve: ended.curve };
    const at = { stepId: due.stepId, fastener: due.fastener };
    if (says === 'READING')
      void this.run.say({ kind: says, typed: typed ?? '', unit, ...curve }, at);
    else if (says === 'MOVED' && this.run.step?.kind === 'TRY')
      this.moved = { deg: movedDeg ?? '', curve: ended.curve };
    else void this.run.say({ kind: says, ...curve }, at);
  }

  leave(): void {
    this.pulling = false;
    this.stream?.close();
    this.stream = undefined;
  }
}
