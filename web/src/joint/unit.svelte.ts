import { here } from '../api/session.svelte';
import type { Unit } from './figures';

const KEY = 'unimetric.unit';
const NEWTON_METRE: Unit = { code: 'N.m', sign: 'N·m', newtonMetres: 1 };

let chosen = $state(localStorage.getItem(KEY));

/** The unit this person reads in; the stated one always stands beside it. */
export const reading = {
  get unit(): Unit {
    const code = chosen ?? here.workshop?.unit;
    return here.units.find((u) => u.code === code) ?? NEWTON_METRE;
  },
  choose(code: string) {
    chosen = code;
    localStorage.setItem(KEY, code);
  },
};
