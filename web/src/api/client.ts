import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** What went wrong, as the server says it. */
export interface Trouble {
  status: number;
  detail: string;
  errors: { field: string; message: string }[];
  yourVersion?: number;
  currentVersion?: number;
  expectedCounter?: number;
}

const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') {
      const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
      if (token) {
        request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
      }
    }
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: window.location.origin });
api.use(csrf);

const AWAY: Trouble = {
  status: 0,
  detail: 'The server does not answer. Nothing you entered is lost; try again in a moment.',
  errors: [],
};

/** Awaits a call and either returns its data or throws what went wrong. */
export async function ask<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer;
  try {
    answer = await call;
  } catch {
    throw AWAY;
  }
  if (answer.data !== undefined && answer.response.ok) {
    return answer.data;
  }
  throw troubleOf(answer.error, answer.response.status);
}

function troubleOf(error: unknown, status: number): Trouble {
  if (typeof error === 'object' && error !== null && 'detail' in error) {
    const body = error as Partial<Trouble>;
    return { ...body, status, detail: String(body.detail), errors: body.errors ?? [] };
  }
  return { ...AWAY, status };
}

/** Whatever was caught, as trouble that can be shown. */
export function asTrouble(caught: unknown): Trouble {
  return typeof caught === 'object' && caught !== null && 'detail' in caught
    ? (caught as Trouble)
    : { status: -1, detail: 'Something went wrong on this page; reload it.', errors: [] };
}
