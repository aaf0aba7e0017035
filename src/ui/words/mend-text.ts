import { currentLoad } from '../../schemas/load-order';
import type { Mend } from '../../editing/mend';
import { halfMinutes, massText, temperatureText, type UnitSystem } from './format';

/** What a mend does, as the words on its button. */
export function mendText({ kind, document }: Mend, units: UnitSystem): string {
  const dial = () => temperatureText(document.cook.stages.at(-1)!.temperature_c, units);
  switch (kind) {
    case 'split':
      return `In ${document.loads.count} loads of ${massText(document.mass_g * currentLoad(document).share, units)}`;
    case 'longer':
      return `Stages up to ${halfMinutes(document.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0) * 60)} min`;
    case 'cooler':
    case 'hotter':
    case 'chips-cooler':
      return `Dial at ${dial()}`;
    case 'even-cut':
      return 'Cut with a mandoline';
    case 'shake':
      return 'Shake once more';
    case 'dry':
      return 'Pat dry with a towel';
    case 'oil':
      return 'Oil after coating';
    case 'less-oil':
      return 'As much oil as clings';
    case 'refined-oil':
      return 'Use refined oil';
    case 'parcook-shorter': {
      const step = document.prep.find((one) => one.step === 'parcook');
      return `Par-cook ${step?.step === 'parcook' ? halfMinutes(step.minutes * 60) : ''} min`;
    }
    case 'fewer-openings':
      return 'Open less often';
    case 'no-liner':
      return 'No liner';
    case 'shake-early':
      return 'Shake after 3 min';
    case 'bind': {
      const step = document.prep.find((one) => one.step === 'bind');
      return `Work in ${step?.step === 'bind' ? massText(step.mass_g, units) : ''} of flour`;
    }
    case 'fridge':
      return 'Into the fridge';
    case 'soak':
      return 'Soak 30 min first';
  }
}
