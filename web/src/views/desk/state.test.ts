import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { FRESH, placeOf } from './fields';
import { fromQuery, ofJoint, toQuery, toRequest } from './state';

const choices: Schemas['ChoicesResponse'] = {
  threads: [
    {
      name: 'M8',
      designation: 'M8',
      nominalDiameterMm: 8,
      pitchMm: 1.25,
      hand: 'RIGHT',
      note: '',
    },
    {
      name: '1.375 in × 24, drive side',
      designation: '1.375 in × 24',
      nominalDiameterMm: 34.925,
      pitchMm: 1.0583,
      hand: 'LEFT',
      note: 'cup',
    },
  ],
  classes: [],
  heads: [],
  conditions: [],
  materials: [],
  sources: [],
  roles: [],
  layouts: [],
  clampStyles: [],
  schools: [],
  gapStyles: [],
  clampedMaterials: [],
  locks: [],
  surfaces: [],
  holes: [],
  products: [],
  aims: [],
  turns: [],
  phases: [],
  stepKinds: [],
  partRoles: [],
  bindings: [],
  boundPhases: [],
  fitCalls: [],
  limitEnds: [],
  sides: [],
  unsaidOfAJoint: {},
};

describe('the state of the desk', () => {
  it('comes back from its address as it was typed', () => {
    const state = { ...FRESH, thread: 'M10×1.25', torque: '16-18 ftlb', length: '12,5' };
    expect(fromQuery(toQuery(state))).toEqual(state);
    expect(toQuery(FRESH)).toBe('?');
  });

  it('takes nothing longer than a field holds', () => {
    expect(fromQuery(`?torque=${'9'.repeat(500)}`).torque).toHaveLength(60);
  });

  it('becomes a request with only what was set', () => {
    const made = toRequest(
      {
        ...FRESH,
        thread: 'M10×1.25',
        torque: ' 22 Nm ',
        into: 'ALUMINIUM_CAST',
        length: '12,5',
        utilisation: '80',
        count: '4',
      },
      choices,
    );
    expect(made).toEqual({
      request: {
        joint: {
          thread: { designation: 'M10×1.25' },
          head: 'HEX',
          condition: 'UNKNOWN',
          propertyClass: '8.8',
          utilisation: 0.8,
          engagement: { lengthMm: 12.5, material: 'ALUMINIUM_CAST' },
        },
        torqueText: '22 Nm',
        group: { count: 4, layout: 'CIRCLE', passes: 3 },
      },
    });
  });

  it('names a thread by its designation, also one that is not on its list', () => {
    const thread = (name: string) => {
      const made = toRequest({ ...FRESH, thread: name }, choices);
      return 'request' in made ? made.request.joint.thread : undefined;
    };
    expect(thread('1.375 in × 24, drive side')).toEqual({ designation: '1.375 in × 24' });
    expect(thread('1.375 in × 24')).toEqual({ designation: '1.375 in × 24' });
    expect(thread('M7×1')).toEqual({ designation: 'M7×1' });
  });

  it('names the fields that are no numbers and asks nothing', () => {
    const made = toRequest({ ...FRESH, grip: 'wide', length: '1e9' }, choices);
    expect(made).toEqual({ wrong: [{ field: 'length' }, { field: 'grip' }] });
  });

  it.each([
    ['joint.engagement.lengthMm', 'length'],
    ['torqueText', 'torque'],
    ['joint.grip.outerDiameterMm', 'outer'],
    ['joint.thread.pitchMm', 'thread'],
    ['group.count', 'count'],
    ['tube.diameterMm', 'tube'],
    ['tube.limitMPa', 'tubeStands'],
    ['tube.gapsMm[1]', 'gaps'],
    ['joint.grip.lengthMm', 'grip'],
    ['joint.grip.youngMPa', 'young'],
  ])('puts a problem at %s to %s', (field, place) => {
    expect(placeOf(field)).toBe(place);
  });

  it('takes over a joint from the ask line', () => {
    const state = ofJoint(
      {
        thread: { nominalDiameterMm: 8, pitchMm: 1.25 },
        propertyClass: '10.9',
        engagement: { lengthMm: 12, material: 'BRASS' },
      },
      'M8',
      '22 N·m',
    );
    expect(state).toMatchObject({ mark: '10.9', into: 'BRASS', length: '12', torque: '22 N·m' });
  });
});
