import { length, number } from '../asking';
import type { Fit } from '../fields';

export const powerCheck: Fit = {
  code: 'POWER_CHECK',
  call: 'power-check',
  asks: 'How far a power meter is off with a known mass on its pedal.',
  says: { good: 'Within bounds', bad: 'Out of bounds' },
  fields: [
    number('massG', 'Mass on the pedal, g', { fresh: '10000', step: 100, needed: true }),
    length('crankMm', 'Crank length', { fresh: '170', step: 2.5, needed: true }),
    number('angleDeg', 'Crank from level, °', { fresh: '0' }),
    {
      key: 'readings',
      label: 'Readings, without the sign',
      kind: 'rows',
      fresh: 'left|16.6;right|16.8',
      needed: true,
      columns: [
        { key: 'side', label: 'Side', kind: 'text' },
        { key: 'readingNm', label: 'N·m', kind: 'number' },
      ],
    },
    number('withinPercent', 'May be off by, %', { fresh: '2', step: 0.5 }),
  ],
};
