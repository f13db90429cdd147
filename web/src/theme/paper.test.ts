import { describe, expect, it } from 'vitest';
import { preparePaper } from './paper';
import { theme } from './theme.svelte';

describe('a page put on paper', () => {
  it('is dark on white with every why unfolded, and as before afterwards', () => {
    if (theme.daylight) theme.toggle();
    theme.apply();
    document.body.innerHTML =
      '<main><details id="a"></details><details id="b" open></details></main><details id="c"></details>';
    const open = () => [...document.querySelectorAll('details')].map((d) => d.open);
    preparePaper(window);
    window.dispatchEvent(new Event('beforeprint'));
    expect(document.documentElement.getAttribute('theme')).toBe('g10');
    expect(open()).toEqual([true, true, false]);
    window.dispatchEvent(new Event('afterprint'));
    expect(document.documentElement.getAttribute('theme')).toBe('g90');
    expect(open()).toEqual([false, true, false]);
  });
});
