import { describe, expect, it } from 'vitest';
import { ask, asTrouble } from './client';
import { keep, kept } from './drafts';

const answer = (status: number, more: { data?: unknown; error?: unknown }) =>
  Promise.resolve({ ...more, response: new Response(null, { status }) });

describe('asking the server', () => {
  it('hands the data over', async () => {
    expect(await ask(answer(200, { data: { ok: true } }))).toEqual({ ok: true });
  });

  it('throws what the server says, with its places and versions', async () => {
    const error = {
      detail: 'Someone changed this meanwhile.',
      errors: [{ field: 'figure', message: 'is missing.' }],
      yourVersion: 2,
      currentVersion: 3,
    };
    await expect(ask(answer(409, { error }))).rejects.toMatchObject({ status: 409, ...error });
  });

  it('says in plain words that the server is away', async () => {
    await expect(ask(Promise.reject(new TypeError('Failed to fetch')))).rejects.toMatchObject({
      status: 0,
      errors: [],
    });
    await expect(ask(answer(502, { error: '<html>' }))).rejects.toMatchObject({ status: 502 });
  });

  it('makes trouble of whatever was caught', () => {
    expect(asTrouble(new Error('x')).detail).toContain('reload');
    expect(asTrouble({ detail: 'known', status: 400, errors: [] }).detail).toBe('known');
  });

  it('keeps drafts until they are sent', () => {
    keep('a', 'half a word');
    expect(kept('a')).toBe('half a word');
    keep('a', '');
    expect(kept('a')).toBe('');
  });
});
