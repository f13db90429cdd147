/** Answers may arrive out of turn; only the one that was asked for last is let through. */
export class Newest {
  private asked = 0;

  async ask<T>(
    question: () => Promise<T>,
    answered: (answer: T) => void,
    failed: (caught: unknown) => void,
  ): Promise<void> {
    const mine = ++this.asked;
    try {
      const answer = await question();
      if (mine === this.asked) answered(answer);
    } catch (caught) {
      if (mine === this.asked) failed(caught);
    }
  }

  /** Lets nothing through that is still under way. */
  drop(): void {
    this.asked++;
  }
}
