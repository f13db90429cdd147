import { here } from '../api/session.svelte';
import type { Unit } from './figures';

const KEY = 'unimetric.unit';
const NEWTON_METRE: Unit = { code: 'N.m', sign: 'N·m', newtonMetres: 1 };

let code = $state(localStorage.getItem(KEY) ?? 'N.m');

/** The unit this person reads in; the stated one always stands beside it. */
export const reading = {
  get unit(): Unit {
    return here.units.find((u) => u.code === code) ?? NEWTON_METRE;
  },
  choose(chosen: string) {
    code = chosen;
    localStorage.setItem(KEY, chosen);
  },
};
