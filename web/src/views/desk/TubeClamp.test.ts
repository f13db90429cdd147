import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import TubeClamp from './TubeClamp.svelte';

const tube: Schemas['DeskTubeAnswer'] = {
  boltLoadN: 4000,
  clamp: {
    pressureMPa: 12.58,
    peakPressureMPa: 16.02,
    slipTorqueNm: { low: 101.9, high: 160 },
    slideForceN: { low: 6400, high: 10053 },
    reasons: ['Assumes a thin ring.'],
  },
};
const unit = { code: 'N.m', sign: 'N·m', newtonMetres: 1 } as const;

describe('what a clamp does to its tube', () => {
  it('gives pressure and hold as bands, and no verdict without a limit', () => {
    const { container } = render(TubeClamp, { tube, unit });
    expect(container).toHaveTextContent('102–160 N·m');
    expect(container).toHaveTextContent('6.4–10.1 kN');
    expect(container).not.toHaveTextContent('stands');
  });

  it('says when the tube does not stand it, and how far the plate gapes', () => {
    const { container } = render(TubeClamp, {
      unit,
      tube: {
        ...tube,
        clamp: { ...tube.clamp, withinLimit: false },
        climb: { stepsNm: [3, 3.25, 3.5], reasons: [] },
        gaps: { differenceMm: 0.4, even: false, reasons: ['The gaps differ by 0.40 mm.'] },
      },
    });
    expect(screen.getByText(/more than the tube stands/)).toBeInTheDocument();
    expect(container).toHaveTextContent('3 · 3.25 · 3.5 N·m');
    expect(container).toHaveTextContent('The gaps differ by 0.40 mm.');
  });
});
