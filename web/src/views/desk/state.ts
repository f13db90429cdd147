import type { Schemas } from '../../api/client';
import { FRESH, KEYS, type DeskKey, type DeskState } from './fields';

/** The address part that brings a state back; what is as fresh is left out. */
export function toQuery(state: DeskState): string {
  const params = new URLSearchParams();
  for (const key of KEYS) {
    if (state[key] !== FRESH[key]) {
      params.set(key, state[key]);
    }
  }
  return `?${params.toString()}`;
}

export function fromQuery(query: string): DeskState {
  const params = new URLSearchParams(query);
  const state = { ...FRESH };
  for (const key of KEYS) {
    state[key] = (params.get(key) ?? FRESH[key]).slice(0, 60);
  }
  return state;
}

/** A field that is no number yet; which one, and what stands in it. */
export interface NotANumber {
  field: DeskKey;
}

type Joint = Schemas['JointRequest'];

/** The request a state amounts to, or the fields that are no numbers. */
export function toRequest(
  state: DeskState,
  choices: Schemas['ChoicesResponse'],
): { request: Schemas['DeskRequest'] } | { wrong: NotANumber[] } {
  const wrong: NotANumber[] = [];
  const number = (field: DeskKey): number | undefined => {
    const text = state[field].trim().replace(',', '.');
    if (!text) return undefined;
    const figure = Number(text);
    if (!/^\d*\.?\d+$|^\d+\.$/.test(text) || !Number.isFinite(figure)) {
      wrong.push({ field });
      return undefined;
    }
    return figure;
  };
  const [length, grip, outer] = [number('length'), number('grip'), number('outer')];
  const [young, interfaces] = [number('young'), number('interfaces')];
  const [axialN, transverseN, slipFriction] = [
    number('axial'),
    number('transverse'),
    number('slip'),
  ];
  const own = state.mark === '';
  const joint: Joint = {
    thread: { designation: threadOf(state.thread, choices)?.designation ?? state.thread },
    head: state.head as NonNullable<Joint['head']>,
    condition: state.condition as NonNullable<Joint['condition']>,
    ...some('propertyClass', own ? undefined : state.mark),
    ...(own ? some('yieldMPa', number('yield')) : {}),
    ...(own ? some('ultimateMPa', number('ultimate')) : {}),
    ...some('utilisation', share(number('utilisation'))),
    ...some('prevailingNm', state.torque.trim() ? number('prevailing') : undefined),
    ...some('toolDeviationPercent', number('deviation')),
    ...some('pressureLimitMPa', number('pressure')),
  };
  if (state.into && length !== undefined) {
    joint.engagement = {
      lengthMm: length,
      material: state.into as Schemas['MaterialChoice']['code'],
    };
  }
  if (grip !== undefined && outer !== undefined) {
    joint.grip = { lengthMm: grip, outerDiameterMm: outer, ...some('youngMPa', young) };
    if (interfaces !== undefined) joint.interfaces = { count: interfaces };
  }
  if (axialN !== undefined || transverseN !== undefined) {
    joint.service = {
      ...some('axialN', axialN),
      ...some('transverseN', transverseN),
      ...some('slipFriction', slipFriction),
    };
  }
  const [count, passes] = [number('count'), number('passes')];
  const [spacingMm, wantedSpreadPercent] = [number('spacing'), number('spread')];
  const tube = tubeOf(state, number);
  if (wrong.length) return { wrong };
  return {
    request: {
      joint,
      ...some('torqueText', state.torque.trim() || undefined),
      ...some('role', (state.role || undefined) as Schemas['DeskRequest']['role']),
      ...(count === undefined
        ? {}
        : {
            group: {
              count,
              layout: state.layout as Schemas['DeskGroup']['layout'],
              passes: passes ?? 1,
              ...some('spacingMm', spacingMm),
              ...some('wantedSpreadPercent', wantedSpreadPercent),
            },
          }),
      ...some('tube', tube),
    },
  };
}

/** The thread of the list that goes by a name, or by its designation alone. */
export const threadOf = (name: string, choices: Schemas['ChoicesResponse']) =>
  choices.threads.find((t) => t.name === name) ??
  choices.threads.find((t) => t.designation === name);

/** The tube in the clamp, once its diameter and the clamp's width are there. */
function tubeOf(
  state: DeskState,
  number: (field: DeskKey) => number | undefined,
): Schemas['DeskTube'] | undefined {
  const [diameterMm, widthMm] = [number('tube'), number('clampWidth')];
  const [bolts, friction] = [number('clampBolts'), number('clampFriction')];
  const [limitMPa, limitNm] = [number('tubeStands'), number('tubeMax')];
  const gapsMm = state.gaps.match(/\d+([.,]\d+)?/g)?.map((g) => Number(g.replace(',', '.')));
  if (diameterMm === undefined || widthMm === undefined) return undefined;
  return {
    diameterMm,
    widthMm,
    style: state.clampStyle as Schemas['DeskTube']['style'],
    bolts: bolts ?? 0,
    friction: friction ?? 0,
    ...some('limitMPa', limitMPa),
    ...some('limitNm', limitNm),
    ...some('gapsMm', gapsMm),
    ...some('gapStyle', gapsMm && (state.gapStyle as NonNullable<Schemas['DeskTube']['gapStyle']>)),
  };
}

const share = (percent: number | undefined) => (percent === undefined ? undefined : percent / 100);

function some<K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> {
  return value === undefined ? {} : ({ [key]: value } as Record<K, V>);
}

/** The desk's state for a joint call, as the ask line hands it over. */
export function ofJoint(request: Joint, threadName: string, torque: string | undefined): DeskState {
  return {
    ...FRESH,
    thread: threadName,
    mark: request.propertyClass ?? FRESH.mark,
    head: request.head ?? FRESH.head,
    condition: request.condition ?? FRESH.condition,
    into: request.engagement?.material ?? '',
    length: request.engagement === undefined ? '' : String(request.engagement.lengthMm),
    torque: torque ?? '',
  };
}
