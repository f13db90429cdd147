import { parts, toMm, written, type LengthUnit } from '../../ruler/lengths';
import type { Column, Field, Fit, FitState } from './fields';

const LONGEST = 400;
const NUMBER = /^[-−]?(\d+([.,]\d*)?|[.,]\d+)$/;
const LENGTH_WORDS = 'Type a length such as 12.5, or 1-1/8 in inches.';
const NUMBER_WORDS = 'Type a plain number such as 12.5.';
const MISSING_WORDS = 'Measure this first.';

export const freshOf = (fit: Fit): FitState =>
  Object.fromEntries(fit.fields.map((f) => [f.key, f.fresh ?? '']));

/** The address part that brings a state back; what is as fresh is left out. */
export function toQuery(fit: Fit, state: FitState, unit: LengthUnit): string {
  const params = new URLSearchParams();
  for (const f of fit.fields) {
    const typed = state[f.key] ?? '';
    if (typed !== (f.fresh ?? '')) params.set(f.key, typed);
  }
  if (unit === 'in') params.set('unit', 'in');
  return `?${params.toString()}`;
}

export function fromQuery(fit: Fit, query: string): { state: FitState; unit: LengthUnit } {
  const params = new URLSearchParams(query);
  const state = freshOf(fit);
  for (const f of fit.fields) {
    state[f.key] = (params.get(f.key) ?? state[f.key] ?? '').slice(0, LONGEST);
  }
  return { state, unit: params.get('unit') === 'in' ? 'in' : 'mm' };
}

/** Where a fit was opened from: a question of a job, or a machine. */
export interface From {
  job: string;
  question: string;
  machine: string;
}

export function cameFrom(query: string): From {
  const params = new URLSearchParams(query);
  const at = (key: keyof From) => params.get(key) ?? '';
  return { job: at('job'), question: at('question'), machine: at('machine') };
}

/** The part of an address that leads back, after that of the state. */
export function goingBack(from: From): string {
  const params = new URLSearchParams();
  for (const [key, value] of Object.entries(from)) if (value) params.set(key, value as string);
  const text = params.toString();
  return text && `&${text}`;
}

/** Where a fit is worked out, with what was typed before. */
export const addressOf = (call: string, query: string, from: Partial<From>) =>
  `/fit/${call}${query}${goingBack({ job: '', question: '', machine: '', ...from })}`;

/** Whether a field is asked, as the others stand. */
export function asked(field: Field, state: FitState): boolean {
  if (!field.when) return true;
  const [key, is] = field.when;
  return is.startsWith('!') ? state[key] !== is.slice(1) : state[key] === is;
}

export const rowsOf = (text: string) => text.split(';').map((row) => row.split('|'));
export const rowsText = (rows: string[][]) =>
  rows.map((row) => row.map((cell) => cell.replace(/[;|]/g, ' ')).join('|')).join(';');

export type Values = Record<string, unknown>;
export type Wrong = Record<string, string>;

/** What was typed as values, lengths in mm; what cannot be read, by its field. */
export function read(fit: Fit, state: FitState, unit: LengthUnit, mmPerInch: number) {
  const values: Values = {};
  const wrong: Wrong = {};
  const one = (kind: Column['kind'], text: string): unknown =>
    kind === 'length'
      ? toMm(text, unit, mmPerInch)
      : kind === 'number'
        ? numberOf(text)
        : text.trim();
  for (const f of fit.fields) {
    if (!asked(f, state)) continue;
    const text = (state[f.key] ?? '').trim();
    const isList = f.kind === 'lengths' || f.kind === 'readings' || f.kind === 'numbers';
    if (!text) {
      if (isList && f.needed) values[f.key] = [];
      else if (f.needed) wrong[f.key] = MISSING_WORDS;
    } else if (f.kind === 'choice') {
      values[f.key] = text;
    } else if (f.kind === 'yes') {
      values[f.key] = text === 'yes';
    } else if (f.kind === 'rows') {
      const columns = f.columns ?? [];
      values[f.key] = rowsOf(text).map((cells, row) =>
        Object.fromEntries(
          columns.flatMap((c, i) => {
            const cell = (cells[i] ?? '').trim();
            if (!cell) return [];
            const value = one(c.kind, cell);
            if (value === undefined) {
              wrong[f.key] =
                `Row ${row + 1}, ${c.label}: ${c.kind === 'length' ? LENGTH_WORDS : NUMBER_WORDS}`;
            }
            return [[c.key, value]];
          }),
        ),
      );
    } else if (isList) {
      const kind = f.kind === 'numbers' ? 'number' : 'length';
      const list = parts(text).map((p) => one(kind, p));
      if (list.includes(undefined)) wrong[f.key] = kind === 'number' ? NUMBER_WORDS : LENGTH_WORDS;
      values[f.key] = list;
    } else {
      const value = one(f.kind === 'number' ? 'number' : 'length', text);
      if (value === undefined) wrong[f.key] = f.kind === 'number' ? NUMBER_WORDS : LENGTH_WORDS;
      values[f.key] = value;
    }
  }
  return { values, wrong };
}

function numberOf(text: string): number | undefined {
  const typed = text.trim();
  return NUMBER.test(typed) ? Number(typed.replace('−', '-').replace(',', '.')) : undefined;
}

/** The request the call takes: each value where its key says. */
export function toRequest(fit: Fit, values: Values): Record<string, unknown> {
  if (fit.call === 'hub-stack') return fit.shape?.(values) ?? {};
  const request: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(values)) {
    if (value === undefined || fit.fields.find((f) => f.key === key)?.drawnOnly) continue;
    const path = key.split('.');
    const last = path.pop() ?? key;
    let into = request;
    for (const step of path) into = (into[step] ??= {}) as Record<string, unknown>;
    into[last] = value;
  }
  return fit.shape?.(request) ?? request;
}

/** The words of the server by the field they are about. */
export function placed(fit: Fit, errors: { field: string; message: string }[]) {
  const at: Wrong = {};
  const rest: string[] = [];
  for (const { field, message } of errors) {
    const path = field.replace(/\[\d+\].*$/, '');
    const found =
      fit.fields.find((f) => f.key === path || f.at === path) ??
      fit.fields.find(
        (f) => path && (f.key.startsWith(`${path}.`) || path.startsWith(`${f.key}.`)),
      );
    const which = /\[(\d+)\]/.exec(field);
    const words = which && found ? `The ${ordinal(Number(which[1]) + 1)} ${message}` : message;
    if (found) at[found.key] = words;
    else rest.push(`${field} ${message}`);
  }
  return { at, rest };
}

const ordinal = (n: number) =>
  `${n}${n % 10 === 1 && n !== 11 ? 'st' : n % 10 === 2 && n !== 12 ? 'nd' : n % 10 === 3 && n !== 13 ? 'rd' : 'th'}`;

/** All that is typed as lengths, read anew in another unit; what bears its own stays. */
export function inOtherUnit(
  fit: Fit,
  state: FitState,
  from: LengthUnit,
  to: LengthUnit,
  mmPerInch: number,
): FitState {
  const turned = (text: string) => {
    const mm = toMm(text, from, mmPerInch);
    return mm === undefined || /[a-z"″]\s*$/i.test(text.trim()) ? text : written(mm, to, mmPerInch);
  };
  const next = { ...state };
  for (const f of fit.fields) {
    const text = (state[f.key] ?? '').trim();
    if (!text) continue;
    if (f.kind === 'length') next[f.key] = turned(text);
    if (f.kind === 'lengths' || f.kind === 'readings')
      next[f.key] = parts(text).map(turned).join(' ');
    if (f.kind === 'rows') {
      next[f.key] = rowsText(
        rowsOf(text).map((row) =>
          row.map((cell, i) => (f.columns?.[i]?.kind === 'length' ? turned(cell) : cell)),
        ),
      );
    }
  }
  return next;
}

/** A figure some steps further, as it is written; what is no figure stays as it is. */
export function stepped(
  text: string,
  by: number,
  unit: LengthUnit,
  mmPerInch: number,
  isLength: boolean,
): string {
  if (!isLength) {
    const figure = numberOf(text || '0');
    return figure === undefined ? text : String(Number((figure + by).toFixed(6)));
  }
  const mm = toMm(text || '0', unit, mmPerInch);
  if (mm === undefined) return text;
  const step = unit === 'mm' ? by : (Math.sign(by) * mmPerInch) / STEPS_PER_INCH;
  return written(mm + step, unit, mmPerInch);
}
const STEPS_PER_INCH = 32;
