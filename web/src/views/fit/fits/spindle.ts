import type { Schemas } from '../../../api/client';
import type { Box, Dim, Paint } from '../../../ruler/drawing';
import { LIMITS, length, lengths, measured } from '../asking';
import type { Fit } from '../fields';
import { box, inRow, list, mm, sum, type Section } from '../pieces';

const section: Section = (v, told) => {
  const shell = mm(v, 'shellMm');
  const usable = mm(v, 'spindleUsableMm');
  if (shell === undefined || usable === undefined) return undefined;
  const [fl, fr] = [mm(v, 'flangeLeft') ?? 0, mm(v, 'flangeRight') ?? 0];
  const [sl, sr] = [list(v, 'spacersLeft'), list(v, 'spacersRight')];
  const travel = mm(v, 'adjusterTravelMm') ?? 0;
  const r = (mm(v, 'diameter') ?? 24) / 2;
  const width = shell + fl + fr + sum(sl) + sum(sr);
  // The right arm bears on its cup; what is left shows on the left, where the adjuster is.
  const left = width - usable;
  const bore = r + 6;
  const both = (boxes: Box[], up: number) => boxes.map((b) => ({ ...b, y: up }));
  const walls = (pieces: number[], from: number, out: number, thick: number, paint: Paint) => [
    ...inRow(pieces, from, -out, thick, paint),
    ...both(inRow(pieces, from, 0, thick, paint), out - thick),
  ];
  const answer = told.answer as Schemas['SpindleResponse'] | undefined;
  const dims: Dim[] = [
    {
      along: 'x',
      from: fl + sum(sl),
      to: fl + sum(sl) + shell,
      at: bore + 8,
      label: `shell ${told.say(shell)}`,
    },
    { along: 'x', from: 0, to: width, at: bore + 8, label: `between arms ${told.say(width)}` },
    { along: 'x', from: left, to: width, at: r, label: `spindle ${told.say(usable)}` },
  ];
  if (fl) dims.push({ along: 'x', from: 0, to: fl, at: bore + 8, label: told.say(fl) });
  if (fr) dims.push({ along: 'x', from: width - fr, to: width, at: bore + 8, label: told.say(fr) });
  if (sl.length)
    dims.push({ along: 'x', from: fl, to: fl + sum(sl), at: bore + 5, label: told.say(sum(sl)) });
  if (sr.length) {
    dims.push({
      along: 'x',
      from: width - fr - sum(sr),
      to: width - fr,
      at: bore + 5,
      label: told.say(sum(sr)),
    });
  }
  if (answer) {
    dims.push({
      along: 'x',
      from: left,
      to: 0,
      at: r,
      label: `left for the adjuster ${told.say(Number(answer.exposureMm.toFixed(2)))}`,
      fails: told.fails.includes('exposureMm'),
    });
  }
  return {
    boxes: [
      box(-travel, -bore, travel, 2 * bore, 'room'),
      ...walls([fl], 0, bore + 8, 8, 'part'),
      ...walls(sl, fl, bore + 5, 5, 'spacer'),
      ...walls([shell], fl + sum(sl), bore + 5, 5, 'part'),
      ...walls(sr, fl + sum(sl) + shell, bore + 5, 5, 'spacer'),
      ...walls([fr], width - fr, bore + 8, 8, 'part'),
      box(left - 14, -r, usable + 28, 2 * r, 'tube'),
      box(left - 14, -r - 10, 14, 2 * r + 20, 'part'),
      box(width, -r - 10, 14, 2 * r + 20, 'part'),
    ],
    lines: [
      {
        points: [
          [left - 20, 0],
          [width + 20, 0],
        ],
        kind: 'axis',
      },
    ],
    dims,
  };
};

export const spindle: Fit = {
  code: 'SPINDLE',
  call: 'spindle',
  asks: 'Whether the spindle leaves the preload adjuster what it can take up.',
  section,
  fields: [
    length('shellMm', 'Shell width', {
      fresh: '73',
      needed: true,
      pick: { what: 'SHELL', first: 'shellMm' },
    }),
    length('flangeLeft', 'Cup flange, left', { fresh: '10', needed: true, at: 'cupFlangesMm' }),
    length('flangeRight', 'Cup flange, right', { fresh: '10', needed: true }),
    lengths('spacersLeft', 'Spacers, left', { at: 'spacersMm' }),
    lengths('spacersRight', 'Spacers, right', { fresh: '2.5' }),
    length('spindleUsableMm', 'Spindle, shoulder to shoulder', { fresh: '96.5', needed: true }),
    length('adjusterTravelMm', 'Adjuster travel', { fresh: '2', needed: true }),
    lengths('stockMm', 'Spacers in the box', { hint: '1 2.5 2.5' }),
    length('adjusterPitchMm', 'Adjuster travel a turn', { fold: LIMITS, step: 0.1 }),
    length('ringClearanceMm', 'Chainring to stay', { fold: LIMITS }),
    length('armClearanceMm', 'Arm to cup or stay', { fold: LIMITS }),
    length('diameter', 'Spindle diameter, drawn', {
      fresh: '24',
      fold: 'The drawing',
      drawnOnly: true,
      pick: { what: 'SPINDLE', first: 'diameter' },
    }),
    measured,
  ],
  shape: ({ flangeLeft, flangeRight, spacersLeft, spacersRight, ...r }) => ({
    ...r,
    cupFlangesMm: [flangeLeft, flangeRight],
    spacersMm: [...((spacersLeft as number[]) ?? []), ...((spacersRight as number[]) ?? [])],
  }),
};
