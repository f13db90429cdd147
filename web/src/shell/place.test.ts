import { afterEach, describe, expect, it } from 'vitest';
import { addressSays, goTo, idOf, machineInHand, partsOf, placeOf } from './place';

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

describe('what the address says', () => {
  it.each([
    ['/machines/7f', '7f'],
    ['/machines', null],
    ['/machines/7f/x', null],
    ['/jobs/7f/sheet', null],
  ])('knows the machine in hand at %s', (path, id) => {
    expect(machineInHand(path)).toBe(id);
  });

  it('reads a query and the parts of a path', () => {
    expect(addressSays('job', '?job=Front%20pads')).toBe('Front pads');
    expect(addressSays('job', '')).toBe('');
    expect(partsOf('/machines/7f?job=a#rechecks')).toEqual({
      page: '/machines/7f',
      query: '?job=a',
      id: 'rechecks',
    });
  });
});
