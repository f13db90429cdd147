import { length, number } from '../asking';
import type { Fit } from '../fields';

export const mass: Fit = {
  code: 'MASS',
  call: 'mass',
  asks: 'What another part does to the mass, carried or turning.',
  fields: [
    {
      key: 'turns',
      drawnOnly: true,
      label: 'The part',
      kind: 'choice',
      fresh: 'WHEEL',
      choices: [
        ['NO', 'is carried'],
        ['WHEEL', 'turns with a wheel'],
        ['ENGINE', 'turns with the engine'],
      ],
    },
    number('removedG', 'Removed, g', { fresh: '300', needed: true, when: ['turns', '!ENGINE'] }),
    number('fittedG', 'Fitted, g', { fresh: '250', needed: true, when: ['turns', '!ENGINE'] }),
    number('radiusOfGyrationRatio', 'Radius of gyration / wheel radius', {
      fresh: '0.9',
      step: 0.05,
      when: ['turns', 'WHEEL'],
    }),
    number('flywheel.massG', 'Weight added, g', {
      fresh: '300',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    length('flywheel.gyrationMm', 'Its radius of gyration', {
      fresh: '60',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    length('flywheel.wheelRadiusMm', 'Wheel radius', {
      fresh: '300',
      needed: true,
      when: ['turns', 'ENGINE'],
    }),
    {
      key: 'flywheel.ratios',
      label: 'Engine turns for one of the wheel, by gear',
      kind: 'numbers',
      fresh: '14.8 10.2 7.6 6 5',
      needed: true,
      when: ['turns', 'ENGINE'],
    },
  ],
};
