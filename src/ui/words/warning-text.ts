import type { Warning } from '../../core/forecast/warning';
import { halfMinutes, massText, percentText, temperatureGapText, type UnitSystem } from './format';

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
      return `Everything is right for only about ${halfMinutes(warning.width)} min. A lower temperature gives more time to pull.`;
    case 'cut-uneven':
      return `At best ${percentText(warning.peakShare)} are right together: thin pieces are done before thick ones. Pull in stages, or cut more evenly.`;
    case 'never-together':
      return `At best ${percentText(warning.peakShare)} are right together. Shake more often, load less, or pull in stages.`;
    case 'dries-before-browning':
      return 'The pieces dry through before they brown. Cut thicker, load less, or set the dial higher.';
    case 'browns-before-cooked':
      return 'The colour is past what you want before the inside is cooked. Set the dial lower, cut thinner, or par-cook.';
    case 'breaks':
      return `About ${percentText(warning.share)} of the pieces may break before they are loaded: they are soft and handled much. Par-cook shorter, or let them steam dry instead of rubbing.`;
    case 'smoke':
      return `About ${massText(warning.drippingG, units)} of oil will drip onto a hot floor and may smoke. Use less oil.`;
    case 'acrylamide-high':
      return 'Acrylamide is likely to be high at this colour. Pull at golden, soak longer, and keep potatoes out of the fridge.';
    case 'never-turned':
      return 'The pieces are never turned, so their under side stays pale. Shake or flip them at least once.';
    case 'numerics':
      return `The computation had to be mended ${warning.times} times on the way; take this forecast as rough.`;
  }
}
