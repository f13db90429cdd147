type Choice = 'system' | 'daylight' | 'dim';

const KEY = 'unimetric.theme';
const media =
  typeof window.matchMedia === 'function'
    ? window.matchMedia('(prefers-color-scheme: light)')
    : null;

function stored(): Choice {
  const value = localStorage.getItem(KEY);
  return value === 'daylight' || value === 'dim' ? value : 'system';
}

let choice = $state<Choice>(stored());
let systemIsLight = $state(media?.matches ?? false);
media?.addEventListener('change', (e) => (systemIsLight = e.matches));

/** Daylight is ink on vellum, dim is scribed layout dye; without a choice the system decides. */
export const theme = {
  get daylight(): boolean {
    return choice === 'daylight' || (choice === 'system' && systemIsLight);
  },
  toggle(): void {
    choice = this.daylight ? 'dim' : 'daylight';
    localStorage.setItem(KEY, choice);
  },
  apply(): void {
    document.documentElement.setAttribute('theme', this.daylight ? 'g10' : 'g90');
    document.documentElement.style.colorScheme = this.daylight ? 'light' : 'dark';
  },
};
