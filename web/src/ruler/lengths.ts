/** How lengths are typed and shown. */
export type LengthUnit = 'mm' | 'in';

const FINEST = 64;
/** No reading is moved by being shown as a fraction. */
const NEAR_IN = 0.00001;
const NUMBER = /^(\d+(?:[.,]\d*)?|[.,]\d+)$/;
const FRACTION = /^(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/;
const UNIT = /\s*(mm|in|inch|inches|"|″)$/i;

/**
 * A length as typed, in mm: `12.5`, `12,5 mm`, `1-1/8"`, `1 1/8 in`, `7/16`. What bears no unit is
 * in the one given; a fraction is in inches. Nothing where it is none.
 */
export function toMm(text: string, unit: LengthUnit, mmPerInch: number): number | undefined {
  let rest = text.trim();
  const minus = /^[-−]/.test(rest);
  if (minus) rest = rest.slice(1).trim();
  const stated = UNIT.exec(rest)?.[1]?.toLowerCase();
  if (stated) rest = rest.replace(UNIT, '').trim();
  const fraction = FRACTION.exec(rest);
  if (fraction) {
    const [, whole = '0', over, under] = fraction;
    if (Number(under) === 0 || stated === 'mm') return undefined;
    return signed(minus, (Number(whole) + Number(over) / Number(under)) * mmPerInch);
  }
  if (!NUMBER.test(rest)) return undefined;
  const inInches = stated ? stated !== 'mm' : unit === 'in';
  return signed(minus, Number(rest.replace(',', '.')) * (inInches ? mmPerInch : 1));
}

const signed = (minus: boolean, mm: number) => (minus ? -mm : mm);

/** A length without its unit, as it could be typed again: 12.5, or 1-1/8 where it is a fraction. */
export function written(mm: number, unit: LengthUnit, mmPerInch: number): string {
  if (unit === 'mm') return String(Number(mm.toFixed(3)));
  const inches = mm / mmPerInch;
  const parts = Math.round(Math.abs(inches) * FINEST);
  if (parts === 0 || Math.abs(Math.abs(inches) - parts / FINEST) > NEAR_IN) {
    return String(Number(inches.toFixed(5)));
  }
  const whole = Math.floor(parts / FINEST);
  let [over, under] = [parts % FINEST, FINEST];
  while (over && over % 2 === 0) [over, under] = [over / 2, under / 2];
  const fraction = over ? `${over}/${under}` : '';
  const size = [whole || !fraction ? String(whole) : '', fraction].filter(Boolean).join('-');
  return inches < 0 ? `-${size}` : size;
}

/** A length with its unit. */
export const shown = (mm: number, unit: LengthUnit, mmPerInch: number) =>
  `${written(mm, unit, mmPerInch).replace('-', mm < 0 ? '−' : '-')} ${unit}`;

/** What stands between commas, semicolons, or spaces that do not belong to a fraction. */
export function parts(text: string): string[] {
  const marked = text
    .replace(/(\d)\s+(\d+\s*\/\s*\d+)/g, '$1-$2')
    .replace(/\s+(mm|in|inch|"|″)/gi, '$1');
  const by = /[;,]\s|;/.test(`${marked} `) ? /;|,\s+/ : /\s+/;
  return marked
    .split(by)
    .flatMap((p) => p.trim().split(/\s+/))
    .map((p) => p.replace(/,$/, ''))
    .filter(Boolean);
}
