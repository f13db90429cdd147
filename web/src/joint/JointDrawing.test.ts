import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import JointDrawing from './JointDrawing.svelte';
import TorqueRail from './TorqueRail.svelte';
import Why from './Why.svelte';

const four = [
  { number: 1, x: 0, y: -1 },
  { number: 2, x: 1, y: 0 },
  { number: 3, x: 0, y: 1 },
  { number: 4, x: -1, y: 0 },
];

describe('what is drawn is also said', () => {
  it('names order, the one to turn and those done', () => {
    render(JointDrawing, {
      layout: 'CIRCLE',
      positions: four,
      order: [1, 3, 2, 4],
      current: 2,
      done: [1, 3],
      title: 'Frame plate',
    });
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'Frame plate: 4 fasteners, order 1, 3, 2, 4; now 2; done 1, 3',
    );
  });

  it('does not tick what moved when it was tried', () => {
    const { container } = render(JointDrawing, {
      layout: 'CIRCLE',
      positions: four,
      done: [1, 3],
      moved: [3],
      title: 'Frame plate',
    });
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'Frame plate: 4 fasteners; done 1, 3; moved 3',
    );
    expect(container.querySelectorAll('.tick')).toHaveLength(1);
    expect(container.querySelectorAll('.bad')).toHaveLength(1);
  });

  it('names band, aim and ceiling of the rail in the unit read in', () => {
    render(TorqueRail, {
      band: { minNm: 20.9, maxNm: 23.1 },
      aimNm: 22,
      ceilingNm: 24.6,
      unit: { code: 'N.m', sign: 'N·m', newtonMetres: 1 },
    });
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'Torque rail: band 20.9 to 23.1 N·m, aim 22, ceiling 24.6',
    );
  });

  it('opens every number with its formula and source', async () => {
    const { container } = render(Why, {
      label: 'Why',
      reasons: ['A single value.'],
      derivation: [
        { symbol: 'A_s', value: 36.6, unit: 'mm²', formula: 'π/4·d0²', source: 'ISO 898-1' },
      ],
    });
    expect(container).not.toHaveTextContent('ISO 898-1');
    const details = container.querySelector('details');
    if (details) details.open = true;
    expect(await screen.findByText('ISO 898-1')).toBeInTheDocument();
    expect(screen.getByText('A single value.')).toBeInTheDocument();
  });
});
