import { HOW_WELL, length, lengths } from '../asking';
import type { Fit } from '../fields';

const THICKNESS = 'Its thickness';
export const runout: Fit = {
  code: 'RUNOUT',
  call: 'runout',
  asks: 'Whether a rotor or rim is bent on its seat, warped, or worn.',
  says: { good: 'Right', bad: 'Not right' },
  fields: [
    {
      key: 'readingsMm',
      label: 'Dial, at',
      kind: 'readings',
      fresh: '0 0 0 0 0 0 0 0',
      needed: true,
    },
    length('limitMm', 'Allowed in all', { fresh: '0.15', step: 0.01, needed: true }),
    {
      key: 'anglesDeg',
      label: 'Angles, where not equally spaced',
      kind: 'numbers',
      hint: '0 45 90 …',
      fold: HOW_WELL,
    },
    length('measuredToMm', 'A reading may be off by', { step: 0.005, fold: HOW_WELL }),
    lengths('thicknessReadingsMm', 'Thickness around', { fold: THICKNESS }),
    length('minimumThicknessMm', 'Least thickness', { fold: THICKNESS }),
  ],
};
