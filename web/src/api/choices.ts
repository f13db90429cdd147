import { api, ask, type Schemas } from './client';

let once: Promise<Schemas['ChoicesResponse']> | undefined;

/** What can be chosen and how it is worded; it changes only with the program, so it is asked once. */
export function choices(): Promise<Schemas['ChoicesResponse']> {
  once ??= ask(api.GET('/api/compute/choices')).catch((caught: unknown) => {
    once = undefined;
    throw caught;
  });
  return once;
}
