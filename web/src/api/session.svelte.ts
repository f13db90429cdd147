import { forgetRead, keepSession, keptSession } from '../run/waiting';
import { api, ask, asTrouble, type Schemas, type Trouble } from './client';

let session = $state.raw<Schemas['Session'] | null>(null);
let trouble = $state<Trouble | null>(null);
/** Stands under what is said before anybody signed in. */
export const NOBODY = '00000000-0000-0000-0000-000000000000';
const ACTING = 'unimetric.acting';
/** Who makes the entries at this device just now, where that is not whose session it is. */
let acting = $state(sessionStorage.getItem(ACTING) ?? '');

function letAct(id: string) {
  acting = id;
  sessionStorage.setItem(ACTING, id);
}

/** Who is signed in, the workshop's day, and the units. */
export const here = {
  get person() {
    return session?.person ?? null;
  },
  /** Who signed on at this device beside whose session it is. */
  get onTablet() {
    return session?.onTablet ?? [];
  },
  /** Who makes the entries here. */
  get acting() {
    return session?.onTablet.find((p) => p.id === acting) ?? session?.person ?? null;
  },
  /** Whose words may be sent from here. */
  get sayable() {
    const people = session?.person ? [session.person, ...session.onTablet] : [];
    return people.length ? people.map((p) => p.id) : [NOBODY];
  },
  /** Somebody else makes the entries from here on. */
  async signOn(name: string, pin: string) {
    session = await ask(api.POST('/api/session/tablet', { body: { name, pin } }));
    letAct(session.onTablet.find((p) => p.name === name)?.id ?? '');
    void keepSession(session).catch(() => undefined);
  },
  /** Whose session it is makes the entries again. */
  handBack() {
    letAct('');
  },
  /** What somebody said was sent: that person's PIN is asked for the next time. */
  async signOff(id: string) {
    session = await ask(api.DELETE('/api/session/tablet/{id}', { params: { path: { id } } }));
    void keepSession(session).catch(() => undefined);
  },
  get isLead() {
    return session?.person?.role === 'LEAD';
  },
  get mayWork() {
    return session?.person !== undefined && session.person.role !== 'GUEST';
  },
  /** Whether whoever is here may do what a workshop can keep to its leads. */
  may(right: Schemas['Session']['rights'][number]) {
    return session?.rights.includes(right) ?? false;
  },
  get known() {
    return session !== null;
  },
  get trouble() {
    return trouble;
  },
  get today() {
    return session?.today ?? '';
  },
  /** Nobody has begun with this workshop yet. */
  get empty() {
    return session?.empty ?? false;
  },
  get workshop() {
    return session?.workshop ?? null;
  },
  /** The largest files that are taken, in bytes. */
  get largest() {
    return session?.largest ?? null;
  },
  /** What meters of machines can count. */
  get meters() {
    return session?.meters ?? [];
  },
  get units() {
    return session?.units ?? [];
  },
  async look() {
    try {
      session = await ask(api.GET('/api/session'));
      trouble = null;
      // Whoever is signed in no longer leaves nothing to read behind.
      await (session.person ? keepSession(session) : forgetRead()).catch(() => undefined);
    } catch (e) {
      trouble = asTrouble(e);
      // Out of reach, whoever was here goes on; the server looks again at what they say.
      if (trouble.status === 0 || trouble.status >= 502)
        session ??= (await keptSession().catch(() => undefined)) ?? null;
      if (session) trouble = null;
    }
  },
  async signIn(name: string, password: string) {
    session = await ask(api.POST('/api/session', { body: { name, password } }));
    void keepSession(session).catch(() => undefined);
  },
  /** Signs in for the first time, with the word a lead handed over. */
  async signInFirst(name: string, word: string, password: string, pin: string) {
    session = await ask(api.POST('/api/session/first', { body: { name, word, password, pin } }));
  },
  async signOut() {
    session = await ask(api.DELETE('/api/session'));
    await forgetRead().catch(() => undefined);
  },
};
