import fc from 'fast-check';
import { pieceGeometry } from '../cut/piece-geometry';
import { createPieceState } from '../piece/piece-state';
import { tissueOf } from '../piece/tissue';
import { findFood } from '../food/catalogue';
import { createSeededRandom } from '../numeric/seeded-random';
import { createBed, flipBed, GRATE_OPENNESS, mixBed, shareBelow, wallRadiation } from './bed';
import { createCavity, predictHumidity, stepCavity } from './cavity';
import { vapourPressureOf } from '../properties/kitchen-air';
import { AMBIENT_HUMIDITY_RATIO, AMBIENT_TEMPERATURE } from '../properties/kitchen-air';
import { fryerFromLabel } from './fryer-from-label';
import { surroundPieces } from './surroundings.kernel';

const fryer = fryerFromLabel(1500, 0.05, 0.09);
const DIAL = 473.15;

function heatUp(power: number, seconds: number) {
  const cavity = createCavity();
  for (let t = 0; t < seconds; t += 4) stepCavity(cavity, { ...fryer, maximumPower: power }, DIAL, 0, 0, false, 4);
  return cavity;
}

describe('cavity', () => {
  test('an empty 1.5 kW fryer reaches 200 °C in two to four minutes and stays there', () => {
    expect(heatUp(1500, 120).temperature).toBeLessThan(DIAL - 1);
    expect(heatUp(1500, 240).temperature).toBeCloseTo(DIAL, 3);
    expect(heatUp(1500, 900).temperature).toBeCloseTo(DIAL, 6);
  });

  test('energy drawn is stored or lost: nothing is made', () => {
    const cavity = createCavity();
    let lost = 0;
    for (let n = 0; n < 200; n++) {
      stepCavity(cavity, fryer, DIAL, 300, 0, false, 4);
      lost += 4 * (fryer.lossCoefficient + fryer.ventFlow * 1012) * (cavity.temperature - AMBIENT_TEMPERATURE);
    }
    const stored = fryer.heatCapacity * (cavity.temperature - AMBIENT_TEMPERATURE);
    expect((stored + lost + 300 * 800) / cavity.energy).toBeCloseTo(1, 6);
  });

  test('a load beyond the heater pulls the air below the dial', () => {
    const cavity = heatUp(1500, 400);
    for (let n = 0; n < 100; n++) stepCavity(cavity, fryer, DIAL, 1600, 0, false, 4);
    expect(cavity.power).toBe(1500);
    expect(cavity.temperature).toBeLessThan(DIAL - 20);
  });

  test('an open drawer loses about a tenth of the excess in 25 s, with the heater off', () => {
    const cavity = heatUp(1500, 900);
    const excess = cavity.temperature - AMBIENT_TEMPERATURE;
    for (let n = 0; n < 5; n++) stepCavity(cavity, fryer, DIAL, 0, 0, true, 5);
    expect(cavity.power).toBe(0);
    const kept = (cavity.temperature - AMBIENT_TEMPERATURE) / excess;
    expect(kept).toBeGreaterThan(0.8);
    expect(kept).toBeLessThan(0.92);
  });

  test('steam wets the air until the vent carries off as much; the prediction meets it', () => {
    const cavity = heatUp(1500, 600);
    for (let n = 0; n < 60; n++) {
      predictHumidity(cavity, fryer, 0, false, 4);
      stepCavity(cavity, fryer, DIAL, 0, 3e-4, false, 4);
    }
    expect(cavity.humidityRatio).toBeCloseTo(AMBIENT_HUMIDITY_RATIO + 3e-4 / fryer.ventFlow, 4);
    expect(cavity.humidityMet).toBeCloseTo(cavity.humidityRatio, 3);
    expect(vapourPressureOf(0.622)).toBeCloseTo(101_325 / 2, 6);
  });
});

describe('bed', () => {
  test('mixing moves places about without losing any, and turns about as many as it should', () => {
    const random = createSeededRandom(5);
    const bed = createBed(new Float64Array(200).fill(1), random);
    const before = [...bed.faceUp];
    mixBed(bed, 0.6, 1, random);
    expect([...bed.place].sort((a, b) => a - b)).toEqual(Array.from({ length: 200 }, (_, i) => i));
    const turned = before.filter((face, i) => face !== bed.faceUp[i]).length;
    expect(turned).toBeGreaterThan(70);
    expect(turned).toBeLessThan(130);
    const flipped = [...bed.faceUp];
    const places = [...bed.place];
    flipBed(bed);
    expect([...bed.faceUp]).toEqual(flipped.map((face) => 1 - face));
    expect([...bed.place]).toEqual(places);
  });

  test('cubes come to lie on a side more often than slices', () => {
    const onSide = (flatShare: number) => {
      const random = createSeededRandom(5);
      const bed = createBed(new Float64Array(200).fill(flatShare), random);
      mixBed(bed, 0, 1, random);
      return bed.faceUp.filter((up) => up === 0.5).length;
    };
    expect(onSide(1)).toBe(0);
    expect(onSide(1 / 3)).toBeGreaterThan(110);
  });

  test('covered pieces add up to the layers above, without a jump at whole layers', () => {
    const covered = (layers: number) =>
      Array.from({ length: 16 }, (_, place) => shareBelow((place * layers) / 16, layers / 16, 1)).reduce(
        (sum, x) => sum + x,
        0,
      ) / 16;
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 5, noNaN: true }), (layers) => {
        expect(covered(layers)).toBeCloseTo(layers > 1 ? (layers - 1) / layers : 0, 6);
        expect(Math.abs(covered(layers + 0.01) - covered(layers))).toBeLessThan(0.011);
      }),
    );
  });
});

describe('surroundings', () => {
  function surrounded(layers: number, heatEach: number, change: object = {}) {
    const count = 8;
    const geometry = pieceGeometry({ shape: 'stick', thickness: 0.01, width: 0.01, length: 0.07 });
    const state = createPieceState(Array(count).fill(geometry), 15, tissueOf(findFood('potato-floury')!), 293);
    const bed = createBed(new Float64Array(count).fill(1), createSeededRandom(1));
    for (let p = 0; p < count; p++) bed.place[p] = p;
    bed.height.fill(layers / count);
    const memory = { heat: new Float64Array(count).fill(heatEach), steam: new Float64Array(count) };
    const cavity = { ...createCavity(), temperature: DIAL };
    surroundPieces({ state, first: 0, between: 0.42 }, bed, memory, cavity, { ...fryer, ...change }, false);
    return { state, bed, count };
  }

  test('in one sparse layer every piece has the fan above and the grate below', () => {
    const { state, bed, count } = surrounded(0.6, 0);
    for (let p = 0; p < count; p++) {
      const up = 2 * p + (1 - bed.faceUp[p]!);
      const down = 2 * p + bed.faceUp[p]!;
      expect(state.convection[up]).toBeCloseTo(52, 9);
      expect(state.convection[down]).toBeCloseTo(52 * GRATE_OPENNESS, 9);
      expect(state.radiation[up]).toBeCloseTo(wallRadiation(DIAL), 9);
      expect(state.radiation[down]).toBe(0);
    }
  });

  test('air cools on its way down by what the pieces above took, all of it by the bottom', () => {
    const { state, count } = surrounded(4, 50);
    const airs = Array.from({ length: count }, (_, p) => state.airTemperature[2 * p]!);
    for (let p = 1; p < count; p++) expect(airs[p]!).toBeLessThan(airs[p - 1]!);
    expect(DIAL - airs.at(-1)!).toBeLessThan((50 * count) / (0.022 * 1012));
    expect(DIAL - airs.at(-1)!).toBeGreaterThan((0.8 * 50 * count) / (0.022 * 1012));
  });

  test('a liner takes the air from below', () => {
    const { state, bed } = surrounded(0.6, 0, { liner: true });
    expect(state.convection[bed.faceUp[0]!]).toBeLessThan(52 * GRATE_OPENNESS * 0.6);
  });
});
