/** How long a page may take to bring the place a link names. */
const PATIENCE_MS = 5000;
let watching: MutationObserver | undefined;
let giveUp: ReturnType<typeof setTimeout>;

/** Goes to a place of the page by its id and puts the keyboard there; waits while it is loading. */
export function goTo(id: string): void {
  watching?.disconnect();
  clearTimeout(giveUp);
  if (!id || found(id)) return;
  watching = new MutationObserver(() => {
    if (found(id)) watching?.disconnect();
  });
  watching.observe(document.body, { childList: true, subtree: true });
  giveUp = setTimeout(() => watching?.disconnect(), PATIENCE_MS);
}

function found(id: string): boolean {
  const place = document.getElementById(id);
  if (!place) return false;
  if (place.tabIndex < 0) place.tabIndex = -1;
  place.focus({ preventScroll: true });
  place.scrollIntoView?.({ block: 'start' });
  return true;
}

/** The id a link names, empty when it names none. */
export function placeOf(target: unknown): string {
  const link = target instanceof Element ? target.closest('a[href*="#"]') : null;
  const href = link?.getAttribute('href') ?? '';
  return idOf(href.slice(href.indexOf('#') + 1));
}

/** The id a fragment without its `#` names, as it stands when it is no proper fragment. */
export function idOf(fragment: string): string {
  try {
    return decodeURIComponent(fragment);
  } catch {
    return fragment;
  }
}

/** The id of the machine whose page is open; null on any other page. */
export const machineInHand = (path = location.pathname): string | null =>
  /^\/machines\/([^/]+)$/.exec(path)?.[1] ?? null;

/** What the address says behind a name; empty when it says nothing. */
export const addressSays = (name: string, query = location.search): string =>
  new URLSearchParams(query).get(name) ?? '';

/** A path of this application in its parts. */
export function partsOf(path: string): { page: string; query: string; id: string } {
  const at = new URL(path, location.origin);
  return { page: at.pathname, query: at.search, id: idOf(at.hash.slice(1)) };
}

/** The fragment of the address, without its `#`. */
export const fragment = (): string => location.hash.slice(1);

/** Whether a key pressed there is part of something that is typed or chosen. */
export const isTyping = (target: unknown): boolean =>
  target instanceof Element && target.closest('input, select, textarea') !== null;
