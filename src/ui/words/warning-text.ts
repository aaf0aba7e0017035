import type { Warning } from '../../core/forecast/warning';
import { celsiusFromKelvin } from '../../core/units/temperature';
import {
  filmText,
  halfMinutes,
  massText,
  percentText,
  temperatureGapText,
  temperatureText,
  type UnitSystem,
} from './format';
import { OIL_WORDS } from './labels';

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
    case 'wet-pieces':
      return `The pieces go in wet, with ${filmText(warning.filmGM2, units)} of water on them: they spit and steam before they crisp. Towel them dry.`;
    case 'dry-coat':
      return 'The coat gets no oil: it stays floury and pale. Oil after coating.';
    case 'too-much-oil':
      return `About ${massText(warning.drippingG, units)} of oil cannot cling and drips off. Use less.`;
    case 'over-boiled':
      return `The hearts are ${percentText(warning.softness)} soft before the fryer: they fall apart in the bowl. Par-cook shorter.`;
    case 'peeking':
      return `The drawer is out for ${percentText(warning.share)} of the time; the air has to warm up again each time. Open less often.`;
    case 'liner-loose':
      return 'The liner is not held down by food: the fan lifts it into the heater. Leave it out, also in the preheat.';
    case 'slices-stick':
      return 'Thin slices lie on one another and will cling. Shake within the first five minutes.';
    case 'oil-smokes':
      return `${OIL_WORDS[warning.kind].charAt(0).toUpperCase()}${OIL_WORDS[warning.kind].slice(1)} smokes from about ${temperatureText(celsiusFromKelvin(warning.from), units)}, below this dial. Use refined oil, or add it at the end.`;
    case 'no-binder':
      return `Too little binds these shaped pieces: about ${percentText(warning.falling)} of them may fall apart. Work in flour or egg, chill them an hour, or coat them; lay them in one by one.`;
    case 'sweet-burns':
      return 'Sugar, honey or paprika on the surface burns at this dial before the inside is done. Set it lower, or season after the fryer.';
    case 'marinade-warm':
      return `Marinating ${Math.round(warning.minutes)} min at room temperature is not safe. Put it in the fridge.`;
    case 'two-hours':
      return `Food is out of the fridge for more than two hours over all loads (${Math.round(warning.time / 60)} min). Keep what waits in the fridge.`;
    case 'numerics':
      return `The computation had to be mended ${warning.times} times on the way; take this forecast as rough.`;
  }
}
