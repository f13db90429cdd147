import { HOW_WELL, length } from '../asking';
import type { Fit } from '../fields';

export const pressFit: Fit = {
  code: 'PRESS_FIT',
  call: 'press-fit',
  asks: 'Whether the cup is held all the way round, and not forced.',
  fields: [
    {
      key: 'boreReadingsMm',
      label: 'Bore, at',
      kind: 'readings',
      fresh: '40.95 40.96 40.95 40.96',
      needed: true,
    },
    length('cupMm', 'Cup, outer diameter', {
      fresh: '41',
      step: 0.01,
      needed: true,
      pick: { what: 'SHELL', second: 'cupMm' },
    }),
    length('bandMm.min', 'Interference stated, least', { step: 0.01 }),
    length('bandMm.max', 'Interference stated, most', { step: 0.01 }),
    length('measuredToMm', 'A reading may be off by', { step: 0.005, fold: HOW_WELL }),
  ],
};
