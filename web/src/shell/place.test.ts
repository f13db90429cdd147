import { afterEach, describe, expect, it } from 'vitest';
import { goTo, idOf, placeOf } from './place';

afterEach(() => document.body.replaceChildren());

function put(html: string): void {
  document.body.insertAdjacentHTML('beforeend', html);
}

describe('a link to a place in a page', () => {
  it('puts the keyboard at the place', () => {
    put('<a href="#there">go</a><h2 id="there">There</h2>');
    goTo('there');
    expect(document.activeElement?.id).toBe('there');
  });

  it('waits while the page is still loading', async () => {
    goTo('later');
    put('<p>loading</p>');
    await Promise.resolve();
    put('<h2 id="later">Later</h2>');
    await expect.poll(() => document.activeElement?.id).toBe('later');
  });

  it('is told by the link it stands in, and only there', () => {
    put('<a href="/machines/7#rechecks"><b>due</b></a><a href="/log">log</a><i>text</i>');
    expect(placeOf(document.querySelector('b'))).toBe('rechecks');
    expect(placeOf(document.querySelector('a[href="/log"]'))).toBe('');
    expect(placeOf(document.querySelector('i'))).toBe('');
  });

  it('may be written wrongly without harm', () => {
    expect(idOf('a%20place')).toBe('a place');
    expect(idOf('100%')).toBe('100%');
  });
});
