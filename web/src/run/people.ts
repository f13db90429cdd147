import { api, ask, asTrouble, type Schemas } from '../api/client';
import { isAway } from './outbox';
import { keepPeople, keptPeople } from './waiting';

/** The people of the workshop; out of reach, as they were last known here. */
export async function whoIsHere(): Promise<Schemas['Someone'][]> {
  try {
    const people = await ask(api.GET('/api/people'));
    void keepPeople(people).catch(() => undefined);
    return people;
  } catch (e) {
    const kept = isAway(asTrouble(e)) ? await keptPeople().catch(() => undefined) : undefined;
    if (!kept) throw e;
    return kept;
  }
}
