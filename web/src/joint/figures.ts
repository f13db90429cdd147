import type { Schemas } from '../api/client';

export type Unit = Schemas['Unit'];

const TINY = 0.005;

/** At most three figures or so, none that say nothing; the tiny as a power of ten. */
export function plain(figure: number): string {
  if (figure !== 0 && Math.abs(figure) < TINY) {
    const [figures, power] = figure.toExponential(1).split('e');
    return `${Number(figures)}·10${raised(power ?? '0')}`;
  }
  const digits = Math.abs(figure) >= 100 ? 0 : Math.abs(figure) >= 10 ? 1 : 2;
  return String(Number(figure.toFixed(digits)));
}

const raised = (power: string) =>
  [...power.replace('+', '')].map((c) => (c === '-' ? '⁻' : '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(c)])).join('');

/** A scale reading with the digits of its graduation and no more. */
export function onScale(figure: number, graduation?: number): string {
  if (graduation === undefined) {
    return plain(figure);
  }
  const text = String(graduation);
  const point = text.indexOf('.');
  return figure.toFixed(point < 0 ? 0 : text.length - point - 1);
}

/** Newton metres in a unit, with the factor the core handed over. */
export function inUnit(nm: number, unit: Unit): string {
  return plain(nm / unit.newtonMetres);
}

export function sign(units: Unit[], code: string | undefined): string {
  return units.find((u) => u.code === code)?.sign ?? code ?? '';
}

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const MOMENT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

const HOUR = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

export function hour(instant: string): string {
  return HOUR.format(new Date(instant));
}

export function day(date: string): string {
  return DAY.format(new Date(date));
}

export function moment(instant: string): string {
  return MOMENT.format(new Date(instant));
}

export function thousands(figure: number): string {
  return new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 })
    .format(figure)
    .replaceAll(',', ' ');
}

/** A span of time in minutes, hours or days, as people say it. */
export function span(minutes: number): string {
  if (minutes < 90) return `${Math.round(minutes)} min`;
  return minutes < 4320 ? `${plain(minutes / 60)} h` : `${plain(minutes / 1440)} days`;
}
