import { readFileSync } from 'node:fs';
import * as replay from '@replay';
import { describe, expect, it } from 'vitest';

/** Runs that a server once took; the core plays the same in its own test. */
interface Vector {
  page: unknown;
  waiting: unknown[];
  standing: { state: { entries: unknown[] } };
}
const read = (name: string) =>
  JSON.parse(readFileSync(`../tablet/src/test/resources/${name}`, 'utf8')) as Vector;
const JOB = 'job';
const standing = (waiting: unknown[]) =>
  JSON.parse(replay.standing(JOB, JSON.stringify(waiting))) as Vector['standing'];

describe.each(['run.json', 'climbed.json', 'slot.json'])(
  'the core’s replay of %s in a browser',
  (name) => {
    const vector = read(name);

    it('comes to what the server came to', () => {
      replay.take(JOB, JSON.stringify(vector.page));
      expect(standing(vector.waiting)).toEqual(vector.standing);
    });

    it('plays on from what the server told', () => {
      replay.take(JOB, JSON.stringify(vector.page));
      replay.told(JOB, JSON.stringify(vector.standing.state.entries));
      expect(standing([])).toEqual(vector.standing);
    });
  },
);
