/** A kitchen as the interface sees it. */
export interface Kitchen {
  readonly id: string;
  readonly name: string;
  readonly unitSystem: 'metric' | 'us';
  readonly isDemo: boolean;
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
