import { colourAtBrowning } from '../core/food/colour-ramp';
import type { Food } from '../core/food/food';
import type { OwnFood } from '../schemas/own-food';

/** What a packet says, g per 100 g. */
export interface FoodLabel {
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly fibre: number;
}

/** Ash of ordinary food, g per 100 g. Source: food tables, 0.5–1.5. */
const ASH = 1;

/** What a label of a food would say. */
export function labelOf({ composition }: { readonly composition: Omit<Food['composition'], 'ash'> }): FoodLabel {
  const per100 = (share: number) => Math.round(share * 1000) / 10;
  return {
    protein: per100(composition.protein),
    fat: per100(composition.fat),
    carbohydrate: per100(composition.carbohydrate),
    fibre: per100(composition.fibre),
  };
}

/** g of water per 100 g that a label leaves. */
export function waterOf({ protein, fat, carbohydrate, fibre }: FoodLabel): number {
  return 100 - ASH - protein - fat - carbohydrate - fibre;
}

/** A food of one's own by its label; all that no label says is as in its nearest kin, starch and sugar by their share of the carbohydrate. */
export function ownFood(name: string, kin: Food, label: FoodLabel): OwnFood {
  const carbohydrate = kin.composition.carbohydrate > 0 ? label.carbohydrate / 100 / kin.composition.carbohydrate : 0;
  const most = label.carbohydrate / 100;
  return {
    name,
    composition: {
      water: waterOf(label) / 100,
      protein: label.protein / 100,
      fat: label.fat / 100,
      carbohydrate: label.carbohydrate / 100,
      fibre: label.fibre / 100,
      ash: ASH / 100,
    },
    density_kg_m3: Math.min(1500, Math.max(300, kin.density)),
    starch: Math.min(most, kin.starch * carbohydrate),
    reducing_sugar: Math.min(most, kin.reducingSugar * carbohydrate),
    glass_transition_c: Math.min(250, Math.max(80, kin.dryGlassTransition - 273.15)),
    softening_s: Math.max(1, kin.softeningDose),
    raw_lab: labOf(kin, 0),
    golden_lab: labOf(kin, 1),
  };
}

function labOf({ ramp }: Food, browning: number): OwnFood['raw_lab'] {
  const [l, a, b] = colourAtBrowning(ramp, browning);
  return [l, a, b];
}

/** A dough or mash of two foods, `share` of the second by mass; what both say is mixed by mass, kin is the one with more. */
export function mixedFood(name: string, one: Food, other: Food, share: number): OwnFood {
  const mix = (a: number, b: number) => a * (1 - share) + b * share;
  const [a, b] = [labelOf(one), labelOf(other)];
  const label = {
    protein: mix(a.protein, b.protein),
    fat: mix(a.fat, b.fat),
    carbohydrate: mix(a.carbohydrate, b.carbohydrate),
    fibre: mix(a.fibre, b.fibre),
  };
  const first = ownFood(name, one, a);
  const second = ownFood(name, other, b);
  return {
    ...ownFood(name, share > 0.5 ? other : one, label),
    density_kg_m3: mix(first.density_kg_m3, second.density_kg_m3),
    starch: mix(one.starch, other.starch),
    reducing_sugar: mix(one.reducingSugar, other.reducingSugar),
    glass_transition_c: mix(first.glass_transition_c, second.glass_transition_c),
    softening_s: mix(first.softening_s, second.softening_s),
    raw_lab: mixLab(first.raw_lab, second.raw_lab, share),
    golden_lab: mixLab(first.golden_lab, second.golden_lab, share),
  };
}

function mixLab(a: OwnFood['raw_lab'], b: OwnFood['raw_lab'], share: number): OwnFood['raw_lab'] {
  const mix = (i: 0 | 1 | 2) => a[i] * (1 - share) + b[i] * share;
  return [mix(0), mix(1), mix(2)];
}
