import type { Fit } from '../fields';
import { boltLength } from './boltLength';
import { flushness } from './flushness';
import { hubStack } from './hubStack';
import { mass } from './mass';
import { pads } from './pads';
import { positions } from './positions';
import { powerCheck } from './powerCheck';
import { pressFit } from './pressFit';
import { rideHeight } from './rideHeight';
import { runout } from './runout';
import { spindle } from './spindle';
import { steererStack } from './steererStack';
import { throughAxle } from './throughAxle';
import { zeroOffset } from './zeroOffset';

/** All fits, in the order they are offered. */
export const FITS: Fit[] = [
  steererStack,
  spindle,
  pressFit,
  flushness,
  throughAxle,
  boltLength,
  hubStack,
  rideHeight,
  runout,
  pads,
  positions,
  mass,
  powerCheck,
  zeroOffset,
];

export const fitOf = (call: string): Fit | undefined => FITS.find((f) => f.call === call);
