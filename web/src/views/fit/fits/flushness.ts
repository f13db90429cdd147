import { HOW_WELL, length } from '../asking';
import type { Fit } from '../fields';

export const flushness: Fit = {
  code: 'FLUSHNESS',
  call: 'flushness',
  asks: 'Whether a cup or race is home all the way round.',
  says: { good: 'Home', bad: 'Not home' },
  fields: [
    {
      key: 'readingsMm',
      label: 'Gap, at',
      kind: 'readings',
      fresh: '0 0 0 0',
      needed: true,
    },
    length('measuredToMm', 'A gap may be off by', { step: 0.01, fold: HOW_WELL }),
  ],
};
