import { z } from 'zod';
import { between } from './between';
import { PLAN_LIMITS } from './plan-limits';

/** A kitchen as the interface sees it. */
export interface Kitchen {
  readonly id: string;
  readonly name: string;
  readonly unitSystem: 'metric' | 'us';
  readonly isDemo: boolean;
  /** ms since 1970, where its removal was asked for */
  readonly removedAt: number | null;
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

/** What a fryer may be. */
export const FRYER_LIMITS = {
  powerW: [PLAN_LIMITS.powerW[0], 3000],
  basketCm2: PLAN_LIMITS.basketCm2,
  basketHeightMm: PLAN_LIMITS.basketHeightMm,
  thermostatOffsetC: [-40, 40],
} as const satisfies Record<string, readonly [number, number]>;

/** A fryer as a device sends it. */
export const fryerSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name').max(60),
  powerW: between(FRYER_LIMITS.powerW),
  basketCm2: between(FRYER_LIMITS.basketCm2),
  basketHeightMm: between(FRYER_LIMITS.basketHeightMm),
  thermostatOffsetC: between(FRYER_LIMITS.thermostatOffsetC),
});

/** A cutter setting as a device sends it. */
export const cutterSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name').max(40),
  setting: z.string().trim().min(1, 'which setting is it').max(20),
  thicknessMm: z.number().min(0.8).max(40),
  scatter: z.number().min(0).max(0.4),
});
