import { number } from '../asking';
import type { Fit } from '../fields';

export const zeroOffset: Fit = {
  code: 'ZERO_OFFSET',
  call: 'zero-offset',
  asks: 'Whether a power meter holds its zero.',
  says: { good: 'Holds its zero', bad: 'Does not hold its zero' },
  fields: [
    {
      key: 'readings',
      label: 'Zero offset as shown',
      kind: 'rows',
      fresh: '2026-11-01|512;2026-11-08|514;2026-11-15|513',
      needed: true,
      columns: [
        { key: 'at', label: 'On', kind: 'date' },
        { key: 'value', label: 'Shown', kind: 'number' },
      ],
    },
    number('limit', 'May move by', { step: 1 }),
  ],
};
