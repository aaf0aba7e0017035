import type { Cause } from '../../core/trouble/cause';
import type { Symptom } from '../../core/trouble/symptom';
import { filmText, temperatureGapText, type UnitSystem } from './format';

/** What a cook complains of, as said at the table. */
export const SYMPTOM_WORDS: Record<Symptom, string> = {
  soggy: 'Soggy',
  pale: 'Pale',
  dark: 'Too dark',
  'raw-inside': 'Raw or wet inside',
  hollow: 'Hollow, dried out',
  uneven: 'Uneven',
  hard: 'Hard',
  greasy: 'Greasy',
  bitter: 'Burnt, bitter',
  stuck: 'Stuck together',
  broke: 'Broke',
  burst: 'Burst open',
};

/** What may have done it, in two or three words. */
export const CAUSE_WORDS: Record<Cause, string> = {
  'cool-fryer': 'Fryer runs cool',
  'hot-fryer': 'Fryer runs hot',
  'weak-fan': 'Weak fan',
  'too-full': 'Too full',
  'wet-pieces': 'Wet pieces',
  'uneven-cut': 'Uneven cut',
  'cold-start': 'Cold start',
  'sweet-produce': 'Sweet produce',
  'few-openings': 'Not shaken',
  'little-oil': 'Too little oil',
  'much-oil': 'Too much oil',
  'heavy-coat': 'Coat too thick',
  'soft-parcook': 'Cooked too soft first',
  'much-shaking': 'Shaken too much',
  'pulled-early': 'Pulled early',
  'pulled-late': 'Pulled late',
  waited: 'Waited too long',
};

/** How strong it would have been, as a cook could have noticed it. */
export function strengthText(cause: Cause, strength: number, units: UnitSystem): string {
  switch (cause) {
    case 'cool-fryer':
    case 'hot-fryer':
      return `${temperatureGapText(Math.abs(strength), units)} ${strength < 0 ? 'under' : 'over'} its dial`;
    case 'weak-fan':
      return `${Math.round((1 - strength) * 100)} % less air`;
    case 'too-full':
      return `${Math.round((strength - 1) * 100)} % more in it than planned`;
    case 'wet-pieces':
      return `${filmText(strength * 1000, units)} of water left on them`;
    case 'uneven-cut':
      return `thickness differs by ${Math.round(strength * 100)} %`;
    case 'cold-start':
      return 'out of the fridge, into a cold fryer';
    case 'sweet-produce':
      return `browns ${strength.toFixed(1)} times as fast`;
    case 'few-openings':
      return 'never opened on the way';
    case 'little-oil':
      return 'hardly any on them';
    case 'much-oil':
      return `${strength.toFixed(1)} times as much as planned`;
    case 'heavy-coat':
      return `${strength.toFixed(1)} times as much of it`;
    case 'soft-parcook':
      return `${strength.toFixed(1)} times as long in the pot`;
    case 'much-shaking':
      return 'twice as often as planned';
    case 'pulled-early':
      return `after ${Math.round(strength * 100)} % of the time`;
    case 'pulled-late':
      return `${Math.round((strength - 1) * 100)} % too long`;
    case 'waited':
      return `${Math.round(strength / 60)} min in a bowl`;
  }
}

/** The one question that tells whether it was this. */
export const CAUSE_QUESTIONS: Record<Cause, string> = {
  'cool-fryer': 'Have other batches in this fryer come late or pale too?',
  'hot-fryer': 'Have other batches in this fryer come early or dark too?',
  'weak-fan': 'Is the fan weak, the heater or the grate greasy, or does the paper cover the floor?',
  'too-full': 'Was more in the drawer than the plan says, or did pieces lie thick on one another?',
  'wet-pieces': 'Were the pieces wet to the hand when they went in?',
  'uneven-cut': 'Were the pieces plainly of different thickness?',
  'cold-start': 'Did they come out of the fridge, or go in before the fryer was hot?',
  'sweet-produce': 'Was the produce sweet: new, late in the season, or kept in the fridge?',
  'few-openings': 'Was it left unshaken, or shaken less than planned?',
  'little-oil': 'Were there pieces with no oil on them?',
  'much-oil': 'Was there oil left standing in the bowl or under the grate?',
  'heavy-coat': 'Did more of the coat go on than planned, or hang in lumps?',
  'soft-parcook': 'Did a fork go through with no resistance before they went in?',
  'much-shaking': 'Was it shaken more often, or harder, than planned?',
  'pulled-early': 'Was it pulled sooner than it looked done?',
  'pulled-late': 'Was it left in longer than it looked done?',
  waited: 'Did it stand in a bowl before it was eaten?',
};

/** What to do otherwise. */
export const CAUSE_MENDS: Record<Cause, string> = {
  'cool-fryer': 'dial higher by one step',
  'hot-fryer': 'dial lower by one step, and longer',
  'weak-fan': 'one load more, each lighter, and longer',
  'too-full': 'one load more, each lighter',
  'wet-pieces': 'towelled twice',
  'uneven-cut': 'cut by a guide',
  'cold-start': 'from room temperature, into a hot fryer',
  'sweet-produce': 'dial lower by one step, and longer',
  'few-openings': 'shaken as forecast',
  'little-oil': 'oiled to a good film',
  'much-oil': 'oiled to a good film',
  'heavy-coat': 'a thinner coat, shaken off',
  'soft-parcook': 'a third less time in the pot',
  'much-shaking': 'shaken as forecast',
  'pulled-early': 'pulled when forecast',
  'pulled-late': 'pulled when forecast',
  waited: 'served at once, on a rack',
};
