import { z } from 'zod';
import { between } from './between';
import { PLAN_LIMITS } from './plan-limits';

/** A kitchen as the interface sees it. */
export interface Kitchen {
  readonly id: string;
  readonly name: string;
  readonly unitSystem: 'metric' | 'us';
  readonly isDemo: boolean;
}

/** One setting of a cutter, as its owner measured it. */
export interface KitchenCutter {
  readonly id: string;
  readonly name: string;
  readonly setting: string;
  readonly thicknessMm: number;
  /** standard deviation of thickness over its mean */
  readonly scatter: number;
}

/** A fryer as the interface sees it. */
export interface KitchenFryer {
  readonly id: string;
  readonly name: string;
  readonly powerW: number;
  readonly basketCm2: number;
  readonly basketHeightMm: number;
  readonly thermostatOffsetC: number;
}

/** A fryer as a device sends it. */
export const fryerSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name').max(60),
  powerW: between(PLAN_LIMITS.powerW).max(3000),
  basketCm2: between(PLAN_LIMITS.basketCm2),
  basketHeightMm: between(PLAN_LIMITS.basketHeightMm),
  thermostatOffsetC: z.number().min(-40).max(40),
});

/** A cutter setting as a device sends it. */
export const cutterSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name').max(40),
  setting: z.string().trim().min(1, 'which setting is it').max(20),
  thicknessMm: z.number().min(0.8).max(40),
  scatter: z.number().min(0).max(0.4),
});
