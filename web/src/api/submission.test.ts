import { describe, expect, it } from 'vitest';
import { Newest } from './newest';
import { Submission, Turns } from './submission.svelte';

const refused = (status: number, ...fields: string[]) => ({
  status,
  detail: 'not so',
  errors: fields.map((field) => ({ field, message: `${field} is wrong` })),
});

describe('a submission', () => {
  it('keeps its id until it was taken, so that a resend counts once', async () => {
    const one = new Submission();
    const ids: string[] = [];
    const lost = (id: string) => (ids.push(id), Promise.reject(new Error('lost')));
    expect(await one.send('5', lost)).toBe(false);
    expect(await one.send('5', (id) => (ids.push(id), Promise.resolve(7)))).toBe(true);
    expect(await one.send('5', (id) => (ids.push(id), Promise.resolve(8)))).toBe(true);
    expect(ids[1]).toBe(ids[0]);
    expect(ids[2]).not.toBe(ids[0]);
  });

  it('has another id for anything else, even when the first answer was lost', async () => {
    const one = new Submission();
    const ids: string[] = [];
    const lost = (id: string) => (ids.push(id), Promise.reject(new Error('lost')));
    await one.send(['left', 5], lost);
    await one.send(['left', 6], lost);
    await one.send(['left', 6], lost);
    expect(ids[1]).not.toBe(ids[0]);
    expect(ids[2]).toBe(ids[1]);
  });

  it('waits for what was said before of the same thing, even where that was refused', async () => {
    const turns = new Turns();
    const seen: string[] = [];
    let version = 1;
    let answer = () => {};
    const first = new Submission(turns).send('left', async () => {
      seen.push(`left at ${version}`);
      await new Promise<void>((done) => (answer = done));
      version = 2;
    });
    const second = new Submission(turns).send('right', () => {
      seen.push(`right at ${version}`);
      return Promise.reject(new Error('refused'));
    });
    const third = new Submission(turns).send('both', () => {
      seen.push('both');
      return Promise.resolve();
    });
    await Promise.resolve();
    expect(seen).toEqual(['left at 1']);
    answer();
    expect(await Promise.all([first, second, third])).toEqual([true, false, true]);
    expect(seen).toEqual(['left at 1', 'right at 2', 'both']);
  });

  it('keeps apart what is said before the first had its turn', async () => {
    const one = new Submission();
    const sent: [string, string][] = [];
    const post = (words: string) => (id: string) => (sent.push([words, id]), Promise.resolve());
    const both = [one.send('pins', post('pins')), one.send('bolts', post('bolts'))];
    expect(one.busy).toBe(true);
    expect(await Promise.all(both)).toEqual([true, true]);
    expect(sent.map(([words]) => words)).toEqual(['pins', 'bolts']);
    expect(sent[0]?.[1]).not.toBe(sent[1]?.[1]);
    expect(one.busy).toBe(false);
  });

  it('says what is wrong beside its field, and elsewhere what has none', async () => {
    const one = new Submission();
    await one.send('5', () => Promise.reject(refused(400, 'figure') as never));
    expect(one.at(/figure/)).toBe('figure is wrong');
    expect(one.besides(/figure/)).toBeNull();
    expect(one.besides(/name/)?.detail).toBe('not so');
    expect(one.outrun).toBe(false);
    await one.send('5', () => Promise.reject(refused(409) as never));
    expect(one.outrun).toBe(true);
  });

  it('is busy from sending until the answer was shown', async () => {
    const one = new Submission();
    let seen = false;
    const under = one.send(
      '5',
      () => Promise.resolve(1),
      () => (seen = one.busy),
    );
    expect(one.busy).toBe(true);
    await under;
    expect(seen).toBe(true);
    expect(one.busy).toBe(false);
  });
});

describe('of several answers under way', () => {
  it('lets only the one through that was asked for last', async () => {
    const newest = new Newest();
    const shown: unknown[] = [];
    let late!: (value: string) => void;
    const first = newest.ask(
      () => new Promise<string>((done) => (late = done)),
      (a) => shown.push(a),
      (e) => shown.push(e),
    );
    await newest.ask(
      () => Promise.resolve('second'),
      (a) => shown.push(a),
      (e) => shown.push(e),
    );
    late('first');
    await first;
    expect(shown).toEqual(['second']);
  });

  it('lets nothing through that was dropped, neither answer nor failure', async () => {
    const newest = new Newest();
    const shown: unknown[] = [];
    const under = newest.ask(
      () => Promise.reject(new Error('late')),
      (a) => shown.push(a),
      (e) => shown.push(e),
    );
    newest.drop();
    await under;
    expect(shown).toEqual([]);
  });
});
