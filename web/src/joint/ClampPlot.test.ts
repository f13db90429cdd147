import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import ClampPlot from './ClampPlot.svelte';

const joint: Schemas['JointResponse'] = {
  pastYield: false,
  assemblyPreloadN: 18600,
  assemblyTorqueNm: 24.6,
  ceilingN: 18600,
  ceilingNm: 24.6,
  ceilingBy: 'YIELD',
  yieldPoints: {
    min: { torqueNm: 20.5, readingNm: 20.5, preloadN: 21700 },
    nominal: { torqueNm: 27.3, readingNm: 27.3, preloadN: 20700 },
    max: { torqueNm: 33.1, readingNm: 33.1, preloadN: 19600 },
  },
  clampsFromNm: 0,
  preloadN: { min: 12400, nominal: 16700, max: 24200 },
  reasons: [],
};
const unit = { code: 'N.m', sign: 'N·m', newtonMetres: 1 };

describe('clamp load over torque', () => {
  it('has the same figures in a table behind it', () => {
    render(ClampPlot, { joint, torqueNm: { min: 22, max: 22 }, unit });
    const cells = (name: string) =>
      [...(screen.getByText(name).closest('tr')?.cells ?? [])].map((c) => c.textContent);
    expect(cells('least')).toEqual(['least', '20.5', '21.7']);
    expect(cells('greatest')).toEqual(['greatest', '33.1', '19.6']);
  });

  it('draws ceiling and reach, and a floor only where there is one', () => {
    const { container, rerender } = render(ClampPlot, {
      joint,
      torqueNm: { min: 22, max: 22 },
      unit,
    });
    expect(container.querySelectorAll('.limit')).toHaveLength(1);
    expect(container.querySelector('.dot')).not.toBeNull();
    return rerender({ joint: { ...joint, floorN: 8800, floorNm: 11.7 }, torqueNm: undefined }).then(
      () => {
        expect(container.querySelectorAll('.limit')).toHaveLength(2);
        expect(container.querySelector('.dot')).toBeNull();
      },
    );
  });

  it('reads in the unit chosen', () => {
    render(ClampPlot, {
      joint,
      unit: { code: '[ft_i].[lbf_av]', sign: 'ft·lbf', newtonMetres: 1.3558179483314003 },
    });
    expect(screen.getByText('15.1')).toBeInTheDocument();
  });
});
