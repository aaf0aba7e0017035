import { closeDatabase } from '../src/db/pool';
import { beginDemoRun } from '../src/services/demo/demo-run';
import { seedDemoKitchen } from '../src/services/demo/seed-demo-kitchen';

const fresh = process.argv.includes('--fresh');
try {
  const result = await seedDemoKitchen(new Date(), fresh);
  /* a batch in the middle of its cook, for those who look round; tests have their own */
  if (process.argv.includes('--run')) await beginDemoRun(new Date());
  console.log(
    result === 'made' ? 'The demo kitchen is set up with a month of batches.' : 'The demo kitchen is there already.',
  );
} finally {
  await closeDatabase();
}
