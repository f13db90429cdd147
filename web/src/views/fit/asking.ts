import type { Field } from './fields';

export const length = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'length',
  step: 0.5,
  ...more,
});
export const lengths = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'lengths',
  ...more,
});
export const number = (key: string, label: string, more: Partial<Field> = {}): Field => ({
  key,
  label,
  kind: 'number',
  step: 1,
  ...more,
});
export const HOW_WELL = 'How well it was measured';
export const measured = length('measuredToMm', 'Each length may be off by', {
  step: 0.05,
  fold: HOW_WELL,
});
export const LIMITS = 'What else must hold';
/** Fields that belong to one of two things held against each other. */
export const within = (group: string, fields: Field[]): Field[] =>
  fields.map((f) => ({ ...f, group }));
