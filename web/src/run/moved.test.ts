import { expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { movedOn } from './moved';

type Entry = Schemas['Entry'];
const entry = (id: string, more: Partial<Entry> = {}) => ({ event: { id }, ...more }) as Entry;
const page = (...entries: Entry[]) =>
  ({ jobId: 'job', state: { currentStep: 'a', entries } }) as unknown as Schemas['RunPage'];
const moved = (from: number, entries: Entry[], changed: Entry[] = []) =>
  ({ from, changed, state: { currentStep: 'b', entries } }) as unknown as Schemas['Moved'];

it('puts what is new after what it had, and what was changed in its place', () => {
  const struck = entry('1', { correctedBy: '3' });
  const now = movedOn(page(entry('1'), entry('2')), moved(2, [entry('3')], [struck]));
  expect(now.state.entries.map((e) => e.event.id)).toEqual(['1', '2', '3']);
  expect(now.state.entries[0]).toBe(struck);
  expect(now.state.currentStep).toBe('b');
  expect(now.jobId).toBe('job');
});

it('takes the whole log anew where the server does not know its own', () => {
  const now = movedOn(page(entry('1'), entry('2')), moved(0, [entry('4')]));
  expect(now.state.entries.map((e) => e.event.id)).toEqual(['4']);
});

it('keeps what was seen at a glance until there is more to see', () => {
  const seen = { left: [] } as unknown as Schemas['Summary'];
  const before = { ...page(), summary: seen };
  expect(movedOn(before, moved(0, [])).summary).toBe(seen);
});

it('says no longer that a joint was left standing once it was begun again', () => {
  const stood = { words: 'left for 14 h' } as Schemas['Interruption'];
  expect(movedOn(page(), { ...moved(0, []), interruption: stood }).interruption).toBe(stood);
  const before = { ...page(), interruption: stood };
  expect(movedOn(before, moved(0, [entry('5')])).interruption).toBeUndefined();
});
