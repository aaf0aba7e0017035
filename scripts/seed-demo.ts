import { closeDatabase } from '../src/db/pool';
import { seedDemoKitchen } from '../src/services/demo/seed-demo-kitchen';

const fresh = process.argv.includes('--fresh');
try {
  const result = await seedDemoKitchen(new Date(), fresh);
  console.log(
    result === 'made' ? 'The demo kitchen is set up with a month of batches.' : 'The demo kitchen is there already.',
  );
} finally {
  await closeDatabase();
}
