import type { BenchRun } from './run.svelte';

/** What the gauge read at a place of the turn. */
export interface Place {
  angleDeg: number;
  readingMm: number;
}
interface Ended {
  words: string;
  typed?: string;
}

/** The simulated dial gauge at this bench: each turn is followed; whoever turned writes it down. */
export class Dial {
  fault = $state('NONE');
  /** What was read in the turn in hand, or in the last. */
  places = $state.raw<Place[]>([]);
  turning = $state(false);
  /** What the last turn came to, in words. */
  words = $state('');
  /** What it read, mm; empty where the turn said nothing. */
  reading = $state('');
  private stream: EventSource | undefined;

  constructor(private readonly run: BenchRun) {}

  turn(): void {
    if (this.turning) return;
    this.forget();
    this.turning = true;
    const how = new URLSearchParams({ fault: this.fault });
    const stream = new EventSource(`/api/jobs/${this.run.page.jobId}/run/dial?${how.toString()}`);
    stream.addEventListener('read', (e: MessageEvent<string>) => {
      this.places = [...this.places, ...(JSON.parse(e.data) as Place[])];
    });
    stream.addEventListener('ended', (e: MessageEvent<string>) => {
      this.leave();
      const { words, typed } = JSON.parse(e.data) as Ended;
      this.words = words;
      this.reading = typed ?? '';
    });
    // A stream that broke is not opened again by itself: that would be another turn.
    stream.addEventListener('error', () => {
      this.leave();
      this.words =
        'The gauge cannot be followed just now, and nothing was taken over. Turn again, or type what it reads.';
    });
    this.stream = stream;
  }

  /** Another step is in hand: what was read of this one is not its. */
  forget(): void {
    this.leave();
    this.places = [];
    this.words = '';
    this.reading = '';
  }

  leave(): void {
    this.turning = false;
    this.stream?.close();
    this.stream = undefined;
  }
}
