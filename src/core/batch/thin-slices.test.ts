import { createSeededRandom } from '../numeric/seeded-random';
import { planFileSchema } from '../../schemas/plan-file';
import { planFromFile } from '../../schemas/plan-from-file';
import { MEMBER_RESOLUTION, STANDARD_RESOLUTION } from './resolution';
import { simulateCook } from './simulate-cook';

const chips = (food: string, mass_g: number) =>
  planFromFile(
    planFileSchema.parse({
      format: 'drubek.plan',
      version: 1,
      food,
      cut: { shape: 'slice', thickness_mm: 2, diameter_mm: 60, scatter: 0.03 },
      mass_g,
      prep: [
        { step: 'dry', method: 'towel' },
        { step: 'oil', mass_g: mass_g / 35 },
      ],
      fryer: { preheat: { minutes: 4, temperature_c: 150 } },
      cook: {
        stages: [{ minutes: 60, temperature_c: 150 }],
        events: [12, 20, 28].map((minute) => ({ minute, action: 'shake' })),
      },
    }),
  );

test.each([MEMBER_RESOLUTION, STANDARD_RESOLUTION])(
  'thin slices dry without a cell that is absurdly hot or cold, in forty fryers, with $pieces pieces',
  (resolution) => {
    const random = createSeededRandom(1);
    for (let i = 0; i < 40; i++) {
      const plan = chips(['kohlrabi', 'celeriac', 'carrot', 'beetroot'][i % 4]!, 120 + 150 * random());
      const { fryer } = plan;
      const record = simulateCook(
        {
          ...plan,
          fryer: {
            ...fryer,
            thermostatOffset: 40 * (random() - 0.5),
            heatTransferCoefficient: fryer.heatTransferCoefficient * Math.exp(random() - 0.5),
          },
        },
        i,
        resolution,
      );
      expect(Math.min(...record.centreTemperature)).toBeGreaterThan(280);
      expect(Math.max(...record.centreTemperature)).toBeLessThan(460);
      expect([...record.weight].every((mass, s) => s === 0 || mass <= record.weight[s - 1]! * 1.001)).toBe(true);
    }
  },
);
