import { cutThickness } from '@/core/cut/piece-geometry';
import { freshLayers } from '@/core/fryer/layers';
import type { Plan } from '@/core/plan/plan';
import { celsiusFromKelvin } from '@/core/units/temperature';
import type { PlanFile } from '@/schemas/plan-file';
import { prepStep } from '@/editing/edit-plan';
import { currentLoad } from '@/schemas/load-order';
import { restOf } from '@/schemas/rest-of';
import { lengthText, massText, shortOilText, temperatureText, type UnitSystem } from '@/ui/words/format';
import { DRYING_WORDS, PARCOOK_WORDS } from '@/ui/words/labels';
import type { StationId } from './station';
import { unheatedText } from '@/ui/words/plan-text';

/** Oil in the bowl, g, however it was given. */
export function oilGrams(plan: Plan): number {
  return plan.preparation.reduce((sum, step) => (step.step === 'oil' ? sum + step.mass * 1000 : sum), 0);
}

/** The one number a station shows in the strip. */
export function stationFigure(station: StationId, document: PlanFile, plan: Plan, units: UnitSystem): string {
  switch (station) {
    case 'produce':
      return massText(document.mass_g, units);
    case 'cut':
      return lengthText(cutThickness(plan.cut) * 1000, units);
    case 'soak': {
      const soak = prepStep(document, 'soak');
      return soak ? `${soak.minutes} min ${temperatureText(soak.water_c, units)}` : 'none';
    }
    case 'press': {
      const press = prepStep(document, 'press');
      return press ? `${press.minutes} min` : 'none';
    }
    case 'parcook': {
      const parcook = prepStep(document, 'parcook');
      return parcook ? `${PARCOOK_WORDS[parcook.method].toLowerCase()} ${parcook.minutes} min` : 'raw';
    }
    case 'steps':
      return `${document.prep.length + 1 + document.after.length} steps`;
    case 'rest':
      return `${restOf(document).minutes} min ${restOf(document).place.replace('warm-', '')}`;
    case 'dry': {
      const dry = prepStep(document, 'dry');
      return dry ? DRYING_WORDS[dry.method].toLowerCase() : 'as it is';
    }
    case 'coat': {
      /* of all loads, as the station itself has it */
      const grams = oilGrams(plan) / currentLoad(document).share;
      return grams > 0 ? `${shortOilText(grams, units)} oil` : 'no oil';
    }
    case 'fryer':
      return document.fryer.preheat ? `heat ${document.fryer.preheat.minutes} min` : unheatedText(document, units);
    case 'load':
      return `${freshLayers(plan).toFixed(1)} layers`;
    case 'cook':
      return plan.stages.map((stage) => temperatureText(celsiusFromKelvin(stage.temperature), units)).join(', ');
  }
}
