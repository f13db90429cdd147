import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import StatedValues from './StatedValues.svelte';

type Joint = Schemas['SheetJoint'];

function joint(more: Partial<Joint>): Joint {
  return {
    id: 'stay',
    at: ['joints', 'stay'],
    jobs: [],
    otherwise: [],
    toolChosen: false,
    title: 'Stay',
    thread: 'M6',
    count: 2,
    layout: 'ROW',
    critical: false,
    leftHand: false,
    positions: [],
    values: [
      {
        id: 'pack.1',
        stated: '10 N·m',
        source: 'marking on the part',
        document: 'Stamped on the stay',
        condition: 'not stated',
        unit: 'N.m',
        band: { minNm: 10, maxNm: 10 },
      },
      {
        id: 'pack.2',
        stated: '65 ft·lbf',
        source: "part maker's sheet",
        document: 'Demo kit sheet',
        condition: 'dry',
        unit: '[ft_i].[lbf_av]',
        band: { minNm: 88.128, maxNm: 88.128 },
      },
    ],
    slots: [],
    turning: { end: 'BOLT', usedOnce: false, minutes: 0, tried: false },
    ready: false,
    governing: 0,
    conflicts: [],
    unitSlips: [],
    reasons: [],
    derivation: [],
    compound: { advice: 'MEDIUM', where: '', preparation: [], never: [], reasons: [] },
    compoundWords: 'medium-strength threadlocker',
    otherTools: [],
    passes: [],
    passReasons: [],
    orderReasons: [],
    notes: [],
    traps: [],
    wetting: '',
    deskNotes: [],
    takenBack: [],
    ...more,
  };
}

describe('the values as they were stated', () => {
  it('shows each with its source, and in the unit read in where that differs', () => {
    render(StatedValues, { joint: joint({}) });
    expect(screen.getByText('10 N·m')).toBeInTheDocument();
    expect(screen.getByText(/Demo kit sheet; dry/)).toBeInTheDocument();
    expect(screen.getByText(/= 88.1 N·m/)).toBeInTheDocument();
    expect(screen.queryByText(/= 10 N·m/)).toBeNull();
  });

  it('says by how much one disagrees, in words and not by colour alone', () => {
    render(StatedValues, { joint: joint({ conflicts: [{ a: 0, b: 1, percent: 781.3 }] }) });
    expect(screen.getByText(/Disagrees by 781 % \(higher\)/)).toBeInTheDocument();
  });

  it('asks whether the unit is wrong and names the likely ones', () => {
    render(StatedValues, {
      joint: joint({
        unitSlips: [
          {
            index: 1,
            statedUnit: '[ft_i].[lbf_av]',
            likelyUnits: ['[in_i].[lbf_av]', 'kgf.cm'],
            reason: 'More than this thread can carry.',
          },
        ],
      }),
    });
    expect(screen.getByText(/Wrong unit\? More than this thread can carry\./)).toHaveTextContent(
      'Likely [in_i].[lbf_av] or kgf.cm.',
    );
  });

  it('marks the value that holds, after a decision the decided one', () => {
    const { container } = render(StatedValues, {
      joint: joint({ decision: { valueId: 'pack.2', reason: 'Asked the maker.', by: 'Asta' } }),
    });
    const values = container.querySelectorAll('.value');
    expect(values[0]).not.toHaveClass('holds');
    expect(values[1]).toHaveClass('holds');
  });
});
