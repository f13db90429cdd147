import { asTrouble, type Trouble } from './client';

/** What is said of one thing goes out one after the other, so that no tap outruns the one before. */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();

  take<T>(say: () => Promise<T>): Promise<T> {
    const mine = this.last.then(say);
    this.last = mine.catch(() => undefined);
    return mine;
  }
}

/** One thing a person sends: whether it is on its way, and what was said when it was not taken. */
export class Submission {
  busy = $state(false);
  trouble = $state<Trouble | null>(null);
  private id = '';
  private said: string | undefined;

  /**
   * @param turns kept with all else that is said of the same thing
   */
  constructor(private readonly turns = new Turns()) {}

  /**
   * Posts what is said under an id that stays until it was taken, so that the same thing sent again
   * after a lost answer counts once; anything else has an id of its own. True when it was taken;
   * what went wrong stands in `trouble`.
   *
   * @param said all that a person chose or typed
   */
  async send<T>(
    said: unknown,
    post: (id: string) => Promise<T>,
    taken?: (answer: T) => unknown,
  ): Promise<boolean> {
    const now = JSON.stringify(said);
    if (this.said !== now) {
      this.said = now;
      this.id = crypto.randomUUID();
    }
    // Something else may be said before this has its turn.
    const id = this.id;
    this.busy = true;
    this.trouble = null;
    try {
      await this.turns.take(async () => {
        const answer = await post(id);
        if (this.id === id) this.said = undefined;
        await taken?.(answer);
      });
      return true;
    } catch (caught) {
      this.trouble = asTrouble(caught);
      return false;
    } finally {
      if (this.id === id) this.busy = false;
    }
  }

  /** What is wrong with one field, empty when nothing is. */
  at(field: RegExp): string {
    return this.trouble?.errors.find((e) => field.test(e.field))?.message ?? '';
  }

  /** What went wrong, unless it is said beside one of these fields. */
  besides(...fields: RegExp[]): Trouble | null {
    return fields.some((field) => this.at(field)) ? null : this.trouble;
  }

  /** True when somebody else changed it meanwhile. */
  get outrun(): boolean {
    return this.trouble?.status === 409;
  }
}
