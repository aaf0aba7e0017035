/* Draws the figures of docs/model from the engine: node --import tsx scripts/draw-figures.ts */
import { writeFileSync } from 'node:fs';
import { lab } from 'd3';
import { forecastPlan, type Forecast } from '../src/core/forecast/forecast';
import { colourAtBrowning } from '../src/core/food/colour-ramp';
import type { Plan } from '../src/core/plan/plan';
import { FIRST_PLAN } from '../src/schemas/first-plan';
import type { PlanFile } from '../src/schemas/plan-file';
import { planFromFile } from '../src/schemas/plan-from-file';

const WIDTH = 620;
const HEIGHT = 90;
const LABEL = 18;

/** One colour field as SVG, a column a minute, with its title above and minutes below. */
function field(title: string, plan: Plan, minutes: number, top: number): string {
  const { record, pull, inTime }: Forecast = forecastPlan(plan);
  const faces = 2 * record.pieces;
  const cell = { width: WIDTH / minutes, height: HEIGHT / faces };
  const parts = [
    `<text x="0" y="${top + 13}">${title}${inTime ? `, to be pulled after ${Math.round(pull.time / 60)} min` : ''}</text>`,
  ];
  for (let minute = 1; minute <= minutes; minute++) {
    const sample = Math.min(record.samples - 1, Math.round((minute * 60) / record.interval));
    const sorted = record.browning.slice(sample * faces, (sample + 1) * faces).sort();
    sorted.forEach((browning, row) => {
      const [l, a, b] = colourAtBrowning(plan.food.ramp, browning);
      parts.push(
        `<rect x="${((minute - 1) * cell.width).toFixed(1)}" y="${(top + LABEL + row * cell.height).toFixed(1)}" width="${(cell.width + 0.3).toFixed(1)}" height="${(cell.height + 0.3).toFixed(1)}" fill="${lab(l, a, b).formatHex()}"/>`,
      );
    });
  }
  for (let minute = 5; minute < minutes; minute += 5) {
    parts.push(
      `<text x="${(minute * cell.width).toFixed(1)}" y="${top + LABEL + HEIGHT + 13}" text-anchor="middle" font-size="11">${minute}</text>`,
    );
  }
  return parts.join('\n');
}

function save(name: string, fields: readonly string[]): void {
  const height = fields.length * (HEIGHT + LABEL + 26);
  const body = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" font-family="sans-serif" font-size="13" shape-rendering="crispEdges">\n<rect width="${WIDTH}" height="${height}" fill="#f7f8f4"/>\n${fields.join('\n')}\n</svg>\n`;
  writeFileSync(`docs/model/${name}.svg`, body);
  console.log(`docs/model/${name}.svg`);
}

const step = HEIGHT + LABEL + 26;
const planOf = (change: Partial<PlanFile>) => planFromFile({ ...FIRST_PLAN, ...change });
const chips = (dial: number) =>
  planOf({
    cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 50, scatter: 0.03 },
    mass_g: 120,
    cook: {
      events: [5, 8, 11, 14].map((minute) => ({ minute, action: 'shake' })),
      stages: [{ minutes: 28, temperature_c: dial }],
    },
  });
const load = (mass: number, shakes: readonly number[]) =>
  planOf({
    mass_g: mass,
    cook: {
      events: shakes.map((minute) => ({ minute, action: 'shake' })),
      stages: [{ minutes: 40, temperature_c: 195 }],
    },
  });
const dried = (method: 'drain' | 'towel') =>
  planOf({
    prep: [
      { step: 'soak', water_c: 15, minutes: 30 },
      { step: 'dry', method },
      { step: 'oil', mass_g: 10 },
    ],
  });

save('low-heat', [field('2 mm chips at 150 °C', chips(150), 28, 0), field('the same at 180 °C', chips(180), 28, step)]);
save('full-basket', [
  field('500 g of 10 mm sticks, shaken', load(500, [7, 12, 17, 22]), 40, 0),
  field('the same, never shaken', load(500, []), 40, step),
  field('1 kg in the same basket, shaken', load(1000, [7, 12, 17, 22, 27, 32]), 40, 2 * step),
]);
save('drying', [field('drained', dried('drain'), 30, 0), field('towelled', dried('towel'), 30, step)]);
