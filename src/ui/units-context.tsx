'use client';

import { createContext, type ReactNode, useContext } from 'react';
import type { UnitSystem } from './words/format';

const UnitsContext = createContext<UnitSystem>('metric');

/** Gives the kitchen's units to all below. */
export function UnitsProvider({ units, children }: { units: UnitSystem; children: ReactNode }) {
  return <UnitsContext value={units}>{children}</UnitsContext>;
}

/** The kitchen's units. */
export function useUnits(): UnitSystem {
  return useContext(UnitsContext);
}
