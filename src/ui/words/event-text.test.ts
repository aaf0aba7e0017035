import { batchEvent } from '../../../tests/support/batch';
import { SHAKEN_PLAN } from '../../../tests/support/shaken-plan';
import { eventText } from './event-text';

test('what happened is told with its step and with what was seen or read', () => {
  const steps = SHAKEN_PLAN.prep.map(({ step }) => step);
  const said = [
    batchEvent('prep-begun', -40, { step: steps.indexOf('soak') }),
    batchEvent('prep-took', -5, { step: steps.indexOf('soak'), minutes: 25 }),
    batchEvent('prep-skipped', -4, { step: 39 }),
    batchEvent('looked', 10, { look: 'paler', shown: 1 }),
    batchEvent('looked', 11, { browning: 1 }),
    batchEvent('bent', 12, { bite: 'softer', said: 1 }),
    batchEvent('weighed', 13, { grams: 320.4 }),
    batchEvent('air-read', 14, { celsius: 181.6 }),
    batchEvent('pulled-some', 15, { share: 0.25 }),
    batchEvent('shaken', 16),
  ].map((event) => eventText(event, SHAKEN_PLAN, 'metric'));
  expect(said).toEqual([
    'Soak begun',
    'Soak took 25 min',
    'Step 40 of the preparation left out',
    'Looked: paler than the picture',
    'Looked: golden',
    'Bent a piece: softer than said',
    'Weighed: 320 g',
    'Air read: 182 °C',
    'Pulled 25 % of the pieces',
    'Shaken',
  ]);
  expect(eventText(batchEvent('dial-turned', 9, { celsius: 200 }), SHAKEN_PLAN, 'us')).toBe('Dial turned to 392 °F');
});
