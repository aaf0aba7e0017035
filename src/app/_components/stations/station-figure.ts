import { batchYield } from '@/core/cut/batch-yield';
import { FLOOR_COVER } from '@/core/fryer/bed';
import type { Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { PlanFile } from '@/schemas/plan-file';
import { prepStep } from '@/schemas/edit-plan';
import { lengthText, massText, temperatureText, type UnitSystem } from '@/ui/words/format';
import { DRYING_WORDS } from '@/ui/words/labels';
import type { StationId } from './station';

/** Layers of the load in its basket. */
export function layersOf(plan: Plan): number {
  return batchYield(plan.food, plan.cut, plan.mass).volume / plan.cut.thickness / (FLOOR_COVER * plan.fryer.basketArea);
}

/** The one number a station shows in the strip. */
export function stationFigure(station: StationId, document: PlanFile, plan: Plan, units: UnitSystem): string {
  switch (station) {
    case 'produce':
      return massText(document.mass_g, units);
    case 'cut':
      return lengthText(document.cut.thickness_mm, units);
    case 'soak': {
      const soak = prepStep(document, 'soak');
      return soak ? `${soak.minutes} min ${temperatureText(soak.water_c, units)}` : 'none';
    }
    case 'dry': {
      const dry = prepStep(document, 'dry');
      return dry ? DRYING_WORDS[dry.method].toLowerCase() : 'as it is';
    }
    case 'coat': {
      const oil = prepStep(document, 'oil');
      return oil ? `${Number(oil.mass_g.toFixed(1))} g oil` : 'no oil';
    }
    case 'fryer':
      return document.fryer.preheat ? `preheat ${document.fryer.preheat.minutes} min` : 'cold start';
    case 'load':
      return `${layersOf(plan).toFixed(1)} layers`;
    case 'cook':
      return plan.stages.map((stage) => temperatureText(celsiusFromKelvin(stage.temperature), units)).join(', ');
  }
}
