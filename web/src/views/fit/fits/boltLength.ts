import type { Schemas } from '../../../api/client';
import type { Dim, Paint } from '../../../ruler/drawing';
import { length, measured } from '../asking';
import type { Fit } from '../fields';
import { box, mm, type Section } from '../pieces';

const HEAD = 6;
const section: Section = (v, told) => {
  const [grip, length] = [mm(v, 'gripMm'), mm(v, 'lengthMm')];
  const pitch = mm(v, 'pitchMm');
  if (grip === undefined || length === undefined || pitch === undefined) return undefined;
  const washers = mm(v, 'washersMm') ?? 0;
  const nut = v['into'] === 'HOLE' ? undefined : mm(v, 'nutHeightMm');
  const depth = v['into'] === 'HOLE' ? mm(v, 'blind.depthMm') : undefined;
  const behind = mm(v, 'clearanceBehindMm');
  const r = 4 * Math.max(pitch, 0.8);
  const face = grip + washers;
  const wide = 3 * r;
  const answer = told.answer as Schemas['BoltLengthResponse'] | undefined;
  const dims: Dim[] = [
    { along: 'x', from: 0, to: length, at: r, label: `bolt ${told.say(length)}` },
    { along: 'x', from: 0, to: face, at: wide, label: `parts and washers ${told.say(face)}` },
  ];
  if (nut !== undefined) {
    dims.push({
      along: 'x',
      from: face,
      to: face + nut,
      at: 1.9 * r,
      label: `nut ${told.say(nut)}`,
    });
    if (answer?.protrusionMm !== undefined) {
      dims.push({
        along: 'x',
        from: face + nut,
        to: length,
        at: r,
        label: `past it ${told.say(Number(answer.protrusionMm.toFixed(2)))}`,
        fails: told.fails.includes('protrusionMm'),
      });
    }
  }
  if (depth !== undefined) {
    dims.push({
      along: 'x',
      from: face,
      to: face + depth,
      at: 1.5 * r,
      label: `hole ${told.say(depth)}`,
    });
    if (answer?.engagementMm !== undefined) {
      dims.push({
        along: 'x',
        from: length - pitch - answer.engagementMm,
        to: length - pitch,
        at: r,
        label: `holds ${told.say(Number(answer.engagementMm.toFixed(2)))}`,
        fails: told.fails.includes('engagementMm'),
      });
    }
  }
  const wall =
    behind === undefined ? (depth === undefined ? undefined : face + depth) : face + behind;
  if (wall !== undefined && answer?.clearanceMm !== undefined) {
    dims.push({
      along: 'x',
      from: length,
      to: wall,
      at: r,
      label: `clear ${told.say(Number(answer.clearanceMm.toFixed(2)))}`,
      fails: told.fails.includes('clearanceMm'),
    });
  }
  return {
    boxes: [
      ...(washers
        ? [
            box(0, -wide * 0.8, washers, wide * 0.8 - r, 'spacer' as Paint),
            box(0, r, washers, wide * 0.8 - r, 'spacer' as Paint),
          ]
        : []),
      box(washers, -wide, grip, wide - r, 'part'),
      box(washers, r, grip, wide - r, 'part'),
      ...(depth === undefined
        ? []
        : [
            box(face, -wide, depth + 4 * pitch, wide - r, 'part' as Paint),
            box(face, r, depth + 4 * pitch, wide - r, 'part' as Paint),
          ]),
      ...(nut === undefined
        ? []
        : [
            box(face, -1.9 * r, nut, 0.9 * r, 'part' as Paint),
            box(face, r, nut, 0.9 * r, 'part' as Paint),
          ]),
      box(0, -r, length, 2 * r, 'tube'),
      box(face, -r, Math.max(length - face, 0), 2 * r, 'thread'),
      box(-HEAD, -1.8 * r, HEAD, 3.6 * r, 'tube'),
    ],
    lines: [
      {
        points: [
          [-HEAD - 3, 0],
          [Math.max(length, wall ?? 0) + 6, 0],
        ],
        kind: 'axis',
      },
      ...(wall === undefined
        ? []
        : [
            {
              points: [
                [wall, -wide],
                [wall, wide],
              ] as [number, number][],
              kind: 'ground' as const,
            },
          ]),
    ],
    dims,
  };
};

export const boltLength: Fit = {
  code: 'BOLT_LENGTH',
  call: 'bolt-length',
  asks: 'Whether a bolt is long enough, and clear of what is behind it.',
  section,
  fields: [
    length('gripMm', 'Parts clamped', { fresh: '20', needed: true }),
    length('washersMm', 'Washers', { fresh: '1.6', needed: true }),
    length('lengthMm', 'Bolt, under its head', { fresh: '35', needed: true }),
    length('pitchMm', 'Pitch', { fresh: '1.25', step: 0.25, needed: true }),
    {
      key: 'into',
      drawnOnly: true,
      label: 'Goes into',
      kind: 'choice',
      fresh: 'NUT',
      choices: [
        ['NUT', 'a nut'],
        ['HOLE', 'a blind hole'],
      ],
    },
    length('nutHeightMm', 'Nut, insert included', {
      fresh: '8',
      needed: true,
      when: ['into', 'NUT'],
    }),
    { key: 'insertNut', label: 'Nut with an insert', kind: 'yes', when: ['into', 'NUT'] },
    length('clearanceBehindMm', 'Room behind, from the nut’s face', { when: ['into', 'NUT'] }),
    length('marginMm', 'To keep from it', { when: ['into', 'NUT'] }),
    length('blind.depthMm', 'Thread in the hole', {
      fresh: '20',
      needed: true,
      when: ['into', 'HOLE'],
    }),
    length('blind.minimumEngagementMm', 'Thread wanted', {
      fresh: '10',
      needed: true,
      when: ['into', 'HOLE'],
    }),
    length('blind.countersinkMm', 'Countersink', { when: ['into', 'HOLE'] }),
    measured,
  ],
};
