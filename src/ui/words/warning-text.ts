import type { Warning } from '../../core/forecast/warning';
import { warningDetail } from '../../schemas/forecast-file';
import { percentText, temperatureGapText, type UnitSystem } from './format';

/** A warning as one plain sentence that says what to change. */
export function warningText(warning: Warning, units: UnitSystem): string {
  switch (warning.code) {
    case 'power-limited':
      return `The heater runs flat out for ${Math.round(warning.minutesAtFullPower)} min and the air stays up to ${temperatureGapText(warning.airBelowDial, units)} below the dial. Two smaller batches would brown sooner.`;
    case 'too-full':
      return `The pieces lie ${warning.layers.toFixed(1)} layers deep, so the middle steams. Load less or toss often.`;
    case 'will-not-crisp':
      return 'Most pieces are still moist at the end of the stages. Cook longer, cut thinner or load less.';
    case 'not-done-in-time':
      return 'The stages end before the batch is done. Make the last stage longer or hotter.';
    case 'window-narrow':
      return `Everything is right for only ${Math.round(warning.width)} s. A lower temperature gives more time to pull.`;
    case 'cut-uneven':
      return `At best ${percentText(warning.peakShare)} are right together: thin pieces are done before thick ones. Pull in stages, or cut more evenly.`;
    case 'never-together':
      return `At best ${percentText(warning.peakShare)} are right together. Shake more often, load less, or pull in stages.`;
    case 'dries-before-browning':
    case 'browns-before-cooked':
    case 'breaks':
    case 'smoke':
    case 'acrylamide-high':
      return warningDetail(warning);
  }
}
