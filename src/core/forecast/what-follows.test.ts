import { forecastSticks, STICKS_FILE } from '../../../tests/support/sticks';
import { kelvinFromCelsius } from '../units/temperature';
import type { FirstPlanFile } from '../../schemas/plan-file';

test('crumbed: colour comes before the inside is hot; a lower dial for thick pieces', () => {
  const fillet = (dial: number): Partial<FirstPlanFile> => ({
    food: 'chicken-breast-crumbed',
    cut: { shape: 'stick', thickness_mm: 28, width_mm: 60, length_mm: 110 },
    mass_g: 400,
    start_temperature_c: 4,
    prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }],
    cook: { stages: [{ minutes: 40, temperature_c: dial }], events: [{ minute: 8, action: 'flip' }] },
  });
  const hot = forecastSticks(fillet(205));
  const gentle = forecastSticks(fillet(160));
  const browningAtSafe = ({ record }: typeof hot) => {
    for (let s = 0; s < record.samples; s++) {
      if (record.centreTemperature[s]! >= kelvinFromCelsius(74)) return record.browning[2 * s * record.pieces]!;
    }
    return Infinity;
  };
  expect(browningAtSafe(hot)).toBeGreaterThan(1.5 * browningAtSafe(gentle));
});

test('oil given at the drawer counts into the oil of the batch', () => {
  const again = forecastSticks({ cook: { ...STICKS_FILE.cook, events: [{ minute: 9, action: 'oil', mass_g: 6 }] } });
  expect(again.oil.used - forecastSticks().oil.used).toBeCloseTo(0.006, 9);
});

test('a liner slows, a shared heater slows, oil midway helps late', () => {
  const plain = forecastSticks();
  expect(forecastSticks({ fryer: { ...STICKS_FILE.fryer, liner: true } }).pull.time).toBeGreaterThan(plain.pull.time);
  expect(forecastSticks({ fryer: { ...STICKS_FILE.fryer, drawers: 2 } }).pull.time).toBeGreaterThan(
    plain.pull.time + 60,
  );
  const dry = { prep: [{ step: 'dry', method: 'towel' }] } as const;
  const events = [...STICKS_FILE.cook.events!, { minute: 9, action: 'oil' as const, mass_g: 8 }];
  const never = forecastSticks({ prep: [...dry.prep] });
  const midway = forecastSticks({ prep: [...dry.prep], cook: { ...STICKS_FILE.cook, events } });
  const opened = forecastSticks({
    prep: [...dry.prep],
    cook: { ...STICKS_FILE.cook, events: [...STICKS_FILE.cook.events!, { minute: 9, action: 'oil', mass_g: 0 }] },
  });
  expect(midway.pull.time).toBeLessThan(opened.pull.time);
  expect(opened.pull.time).toBeGreaterThanOrEqual(never.pull.time - 5);
});

test('meat is under until its centre was safe, whatever its colour, and stays cooked while it rests', () => {
  const fillet = (minutes: number, pull: boolean) =>
    forecastSticks({
      food: 'chicken-breast-crumbed',
      cut: { shape: 'stick', thickness_mm: 15, width_mm: 50, length_mm: 100 },
      prep: [{ step: 'dredge' }, { step: 'oil', film_g_m2: 40 }],
      cook: {
        stages: [{ minutes, temperature_c: 200 }],
        events: pull ? [{ minute: 11, action: 'pull' }] : [],
      },
    });
  const { record } = fillet(20, false);
  for (let s = 0; s < record.samples; s++) {
    const cool = record.centreTemperature[s]! < kelvinFromCelsius(60);
    if (cool) expect(Math.max(...record.softness.slice(s * record.pieces, (s + 1) * record.pieces))).toBe(0);
  }
  const rested = fillet(60, true).record;
  const softAt = (minute: number) => {
    const s = Math.round((minute * 60) / rested.interval);
    return rested.softness.slice(s * rested.pieces, (s + 1) * rested.pieces).filter((soft) => soft === 1).length;
  };
  expect(softAt(11)).toBeGreaterThan(0);
  expect(softAt(60)).toBeGreaterThanOrEqual(softAt(11));
});

test('pulled pieces brown no further, the rest goes on', () => {
  const pulled = forecastSticks({
    cook: { ...STICKS_FILE.cook, events: [...STICKS_FILE.cook.events!, { minute: 20, action: 'pull' }] },
  });
  const left = forecastSticks();
  const burnt = (f: typeof left) => f.track.shares[4 * (f.track.samples - 1) + 3]!;
  expect(burnt(left)).toBeGreaterThan(0.9);
  expect(burnt(pulled)).toBeLessThan(0.8);
});
