import { type CoatRecipe, DREDGED_SOLIDS, THINNEST_COAT } from '../food/coat';
import { COAT_SOLIDS_HEAT } from '../piece/coat-material';
import { layCoat } from '../piece/lay-coat';
import { enter, enterByArea, type InHand } from './in-hand';
import { mixIn } from './mix-in';

/** Coats every face with `solids` kg/m² by a recipe; its water comes with it, and the film soaks into it. */
export function coatWith(hand: InHand, recipe: CoatRecipe, solids: number): void {
  if (solids < THINNEST_COAT && !hand.state.coat) smear(hand, recipe, solids);
  else {
    const { state, ranOff } = layCoat(hand.state, recipe, solids);
    /* what is seen from now on is the coat, as pale as it was laid */
    state.browning.fill(0);
    state.edgeBrowning.fill(0);
    hand.state = state;
    hand.coat = recipe;
    enterByArea(
      hand,
      'water-run-off',
      'water',
      ranOff.map((water) => -water),
      2,
    );
  }
  enter(hand, 'coat', 'solids', solids * hand.surface);
  enter(hand, 'coat', 'water', solids * recipe.moisture * hand.surface);
}

function smear(hand: InHand, recipe: CoatRecipe, solids: number): void {
  const dusting = {
    sugar: recipe.sugar,
    protein: recipe.protein,
    density: recipe.solidsDensity,
    heat: COAT_SOLIDS_HEAT,
  };
  for (let f = 0; f < 2 * hand.state.count; f++) mixIn(hand, f, dusting, solids, solids * recipe.moisture);
}

/** Foods bought crumbed or battered come with their coat on. */
export function dressWithOwnCoat(hand: InHand): void {
  const { coat } = hand.part.food;
  if (coat) coatWith(hand, coat, DREDGED_SOLIDS);
}
