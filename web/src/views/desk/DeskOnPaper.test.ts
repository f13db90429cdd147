import { render } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import DeskForm from './DeskForm.svelte';
import DeskOnPaper from './DeskOnPaper.svelte';
import { FIELDS, FRESH, KEYS, type DeskState } from './fields';

const choice = (code: string, words: string) => ({ code, words });
const choices = {
  threads: [],
  classes: [],
  heads: [choice('HEX', 'hexagon')],
  conditions: [choice('UNKNOWN', 'not stated')],
  materials: [choice('CAST', 'cast aluminium')],
  roles: [{ code: 'PIVOT', words: 'must still turn' }],
  layouts: [choice('CIRCLE', 'circle')],
  clampStyles: [choice('FACEPLATE', 'a faceplate')],
  gapStyles: [choice('EVEN', 'evenly')],
} as unknown as Schemas['ChoicesResponse'];

describe('the desk on paper', () => {
  it('leaves no field out that a person has set', () => {
    const marked = Object.fromEntries(
      Object.keys(FRESH).map((key) => [key, `<${key}>`]),
    ) as unknown as DeskState;
    const { container } = render(DeskOnPaper, { desk: marked, choices });
    const told = container.querySelector('dl')?.textContent ?? '';
    expect(Object.keys(FRESH).filter((key) => !told.includes(`<${key}>`))).toEqual([]);
  });

  it('tells what counts without being set, but only beside what brings it in', () => {
    const fresh = render(DeskOnPaper, { desk: { ...FRESH }, choices }).container;
    expect(fresh.querySelector('dl')).not.toHaveTextContent('Clamp bolts in all');
    expect(fresh.querySelector('dl')).not.toHaveTextContent('Passes');
    const desk = { ...FRESH, tube: '31.8', count: '4' };
    const told = render(DeskOnPaper, { desk, choices }).container.querySelector('dl');
    expect(told).toHaveTextContent('Clamp bolts in all 4');
    expect(told).toHaveTextContent('Friction on the tube 0.2');
    expect(told).toHaveTextContent('Passes 3');
    expect(told).toHaveTextContent('Clamp closes by a faceplate');
  });
});

describe('the form of the desk', () => {
  it('asks for every field once, and says what is wrong beside it', () => {
    const desk = { ...FRESH, mark: '' };
    const messages = Object.fromEntries(KEYS.map((key) => [key, `wrong: ${key}`]));
    const { container } = render(DeskForm, { desk, choices, messages, changed: () => undefined });
    const labels = [...container.querySelectorAll('label')].map((l) => l.textContent);
    expect(labels.sort()).toEqual(KEYS.map((key) => FIELDS[key].label).sort());
    const said = [...container.querySelectorAll('p.bad')].map((p) => p.textContent);
    expect(said.sort()).toEqual(Object.values(messages).sort());
  });
});
