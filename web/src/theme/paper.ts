import { flushSync } from 'svelte';
import { theme } from './theme.svelte';

/** What goes on paper is dark on white whatever the screen shows, with every why unfolded. */
export function preparePaper(page: Window): void {
  let folded: HTMLDetailsElement[] = [];
  page.addEventListener('beforeprint', () => {
    page.document.documentElement.setAttribute('theme', 'g10');
    page.document.documentElement.style.colorScheme = 'light';
    folded = [...page.document.querySelectorAll<HTMLDetailsElement>('main details:not([open])')];
    folded.forEach((d) => {
      d.open = true;
      d.dispatchEvent(new Event('toggle'));
    });
    flushSync();
  });
  page.addEventListener('afterprint', () => {
    folded.forEach((d) => (d.open = false));
    theme.apply();
  });
}
