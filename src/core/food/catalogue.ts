import { defineFood } from './define-food';
import type { Food } from './food';
import { PROTEINS_AND_PULSES } from './proteins-and-pulses';
import { ROOTS_AND_TUBERS } from './roots-and-tubers';
import { VEGETABLES } from './vegetables';

const FOODS: readonly Food[] = [...ROOTS_AND_TUBERS, ...VEGETABLES, ...PROTEINS_AND_PULSES].map(defineFood);

/** Every food Drubek knows, in the order shown. */
export function listFoods(): readonly Food[] {
  return FOODS;
}

/** The food with this id, or null. */
export function findFood(id: string): Food | null {
  return FOODS.find((food) => food.id === id) ?? null;
}
