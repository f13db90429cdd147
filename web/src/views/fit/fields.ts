import type { Schemas } from '../../api/client';
import type { Section } from './pieces';

export type FitCall = Schemas['FitOffered']['code'];
export type What = Schemas['UsualSize']['what'];
export type FitState = Record<string, string>;

/** A column of a field that takes rows. */
export interface Column {
  key: string;
  label: string;
  kind: 'length' | 'number' | 'text' | 'date';
}

/**
 * One thing that is measured. Its key is where the call takes it, so that its words come back to it.
 */
export interface Field {
  key: string;
  label: string;
  kind: 'length' | 'lengths' | 'number' | 'numbers' | 'choice' | 'yes' | 'readings' | 'rows';
  fresh?: string;
  hint?: string;
  /** What an arrow key adds or takes away, mm or as it is. */
  step?: number;
  /** What it belongs to, where a fit holds two against each other. */
  group?: string;
  /** Behind which fold it stands. */
  fold?: string;
  choices?: [code: string, words: string][];
  columns?: Column[];
  /** Usual sizes to pick from, and which of the two each fills in here or elsewhere. */
  pick?: { what: What; first?: string; second?: string };
  /** Counts only while that one is so. */
  when?: [key: string, is: string];
  /** Where the call finds fault with it, if not at its key. */
  at?: string;
  /** The call is not asked with it. */
  drawnOnly?: boolean;
  /** Without it nothing can be said. */
  needed?: boolean;
}

export interface Fit {
  code: FitCall;
  call: string;
  /** What it answers, in a line. */
  asks: string;
  fields: Field[];
  /** What is said of it where it is not a matter of fitting in. */
  says?: { good: string; bad: string };
  /** What is drawn of it to scale; a fit without one is plotted. */
  section?: Section;
  /** Where the call takes other than what is typed. */
  shape?: (request: Record<string, unknown>) => Record<string, unknown>;
}
