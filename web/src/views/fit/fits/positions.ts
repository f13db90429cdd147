import { measured } from '../asking';
import type { Fit } from '../fields';

export const positions: Fit = {
  code: 'POSITIONS',
  call: 'positions',
  asks: 'Whether all stands again where it stood.',
  says: { good: 'As it was', bad: 'Not as it was' },
  fields: [
    {
      key: 'items',
      label: 'As found and as left',
      kind: 'rows',
      fresh: 'lever reach|72|72|0.5|0.8;cable gap|3|3.5|0.5|1',
      needed: true,
      columns: [
        { key: 'name', label: 'What', kind: 'text' },
        { key: 'foundMm', label: 'Found', kind: 'length' },
        { key: 'leftMm', label: 'Left', kind: 'length' },
        { key: 'toleranceMm', label: '±', kind: 'length' },
        { key: 'pitchMm', label: 'Pitch', kind: 'length' },
      ],
    },
    measured,
  ],
};
