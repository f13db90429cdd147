import type { Schemas } from '../api/client';

type RunPage = Schemas['RunPage'];
type Moved = Schemas['Moved'];

/** A run with what is new in it: entries it had stay, but for those that a later one changed. */
export function movedOn(page: RunPage, moved: Moved): RunPage {
  const changed = new Map(moved.changed.map((e) => [e.event.id, e]));
  const known = page.state.entries.slice(0, moved.from).map((e) => changed.get(e.event.id) ?? e);
  return {
    ...page,
    state: { ...moved.state, entries: [...known, ...moved.state.entries] },
    summary: moved.summary ?? page.summary,
    interruption: moved.interruption,
    trays: moved.trays,
    deviceClock: moved.deviceClock,
  };
}
