import type { PlanFile } from '../schemas/plan-file';

const tenth = (value: number) => Math.round(value * 10) / 10;

type Weighed = { readonly mass_g?: number | undefined };

function divided<Part extends Weighed>(part: Part, loads: number): Part {
  return part.mass_g === undefined ? part : { ...part, mass_g: tenth(part.mass_g / loads) };
}

/**
 * One of `loads` equal loads of a plan file: food, oil, coats and what is added are divided, openings and stages are repeated. Grams
 * to a tenth. @see dividePlan, which does the same to the engine's plan
 */
export function divideFile(document: PlanFile, loads: number): PlanFile {
  if (loads === 1) return document;
  return {
    ...document,
    name: loadName(document.name, loads),
    mass_g: Math.round(document.mass_g / loads),
    prep: document.prep.map((step) => divided(step as typeof step & Weighed, loads)),
    cook: {
      ...document.cook,
      events: document.cook.events.map((event) => {
        if (event.action === 'oil' || event.action === 'season') return divided(event, loads);
        if (event.action !== 'add') return event;
        const prep = event.part.prep.map((step) => divided(step as typeof step & Weighed, loads));
        return { ...event, part: { ...divided(event.part, loads), prep } };
      }),
    },
  };
}

/** Longest name of a plan. */
const LONGEST_NAME = 120;

/** The name of one load, so that nobody takes it for the whole dinner. */
function loadName(name: string, loads: number): string {
  const whole = name.replace(/, one of \d+ loads$/, '');
  return `${whole.slice(0, LONGEST_NAME - 20)}, one of ${loads} loads`;
}
