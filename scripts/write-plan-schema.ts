import { mkdirSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { planFileSchema } from '../src/schemas/plan-file';

mkdirSync('docs/formats', { recursive: true });
writeFileSync(
  'docs/formats/plan.schema.json',
  `${JSON.stringify(z.toJSONSchema(planFileSchema, { io: 'input' }), null, 2)}\n`,
);
console.log('docs/formats/plan.schema.json is written.');
