import type { Schemas } from '../api/client';

export type Unit = Schemas['Unit'];

const TINY = 0.005;

/**
 * A computed number as the core shows it: no decimals from 100 up, one from 10, two below, none
 * that say nothing; the tiny as a power of ten. Held to the core by vectors.json.
 */
export function plain(figure: number): string {
  if (figure !== 0 && Math.abs(figure) < TINY) {
    const [figures, power] = figure.toExponential(1).split('e');
    return `${Number(figures)}·10${raised(power ?? '0')}`;
  }
  const digits = Math.abs(figure) >= 100 ? 0 : Math.abs(figure) >= 10 ? 1 : 2;
  return String(rounded(figure, digits));
}

/** Half is rounded away from nought by the digits as written, as the core does. */
function rounded(figure: number, digits: number): number {
  const size = Number(`${Math.round(Number(`${Math.abs(figure)}e${digits}`))}e-${digits}`);
  return figure < 0 ? -size : size;
}

const raised = (power: string) =>
  [...power.replace('+', '')].map((c) => (c === '-' ? '⁻' : '⁰¹²³⁴⁵⁶⁷⁸⁹'[Number(c)])).join('');

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
