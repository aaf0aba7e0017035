import type { Finding } from '../../core/learn/findings';
import { CAUSES } from '../../core/trouble/cause';
import { SYMPTOMS } from '../../core/trouble/symptom';
import { againstLabel, dialText, saysText, sureText } from './belief-text';
import { evidenceText, findingText } from './finding-text';
import { CAUSE_MENDS, CAUSE_QUESTIONS, CAUSE_WORDS, strengthText, SYMPTOM_WORDS } from './trouble-text';

const finding = (about: Finding['about'], mean: number, deviation: number): Finding => ({
  about,
  before: { mean: 0, deviation: 9 },
  now: { mean, deviation },
  sureness: 'likely',
  from: ['a', 'b', 'c'],
  tests: 0,
  agree: 2,
  differ: 1,
});

describe('findings', () => {
  test.each([
    [
      finding({ kind: 'fryer', fryer: 'Small', quantity: 'offset' }, -12, 3.1),
      'Small runs 12 °C under its dial (±4 °C)',
    ],
    [
      finding({ kind: 'fryer', fryer: 'Small', quantity: 'heatTransfer' }, -0.09, 0.06),
      'Small carries 9 % less heat with its air (±8 %)',
    ],
    [
      finding({ kind: 'fryer', fryer: 'Small', quantity: 'power' }, 0.05, 0.03),
      'Small heats 5 % more than its plate says (±4 %)',
    ],
    [
      finding({ kind: 'food', quantity: 'browning', food: 'celeriac' }, 0.1, 0.08),
      'Celeriac browns 11 % faster here (±11 %)',
    ],
    [
      finding({ kind: 'food', quantity: 'browning', food: 'Grandma’s loaf' }, -0.1, 0.08),
      'Grandma’s loaf browns 10 % slower here (±11 %)',
    ],
    [
      finding({ kind: 'food', quantity: 'sugar', food: 'parsnip' }, 0.2, 0.1),
      'Parsnip holds 22 % more sugar than usual here (±14 %)',
    ],
    [finding({ kind: 'coat', coat: 'crumb' }, -0.1, 0.08), 'A coat of crumbs browns 10 % slower here (±11 %)'],
    [finding({ kind: 'taste' }, 0.22, 0.1), 'You like it 0.5 of a swatch darker than most (±0.3)'],
  ])('%# is one plain sentence', (one, words) => expect(findingText(one, 'metric')).toBe(words));

  test('say how sure and from how many', () => {
    expect(evidenceText(finding({ kind: 'taste' }, 1, 1))).toBe('likely, from 3 batches, 1 differs');
    expect(evidenceText({ ...finding({ kind: 'taste' }, 1, 1), from: ['a'], agree: 1, differ: 0 })).toBe(
      'likely, from one batch',
    );
    expect(findingText(finding({ kind: 'fryer', fryer: 'S', quantity: 'offset' }, 10, 5), 'us')).toBe(
      'S runs 18 °F over its dial (±12 °F)',
    );
  });
});

test('what is near its label is called the same, and what one batch says too little of is not quoted', () => {
  expect(dialText({ mean: 1, deviation: 3 }, 'metric')).toBe('Runs as its dial says');
  expect(dialText({ mean: 6, deviation: 9 }, 'metric')).toBe('Runs as its dial says');
  expect(dialText({ mean: 9, deviation: 4 }, 'us')).toBe('Runs 16 °F over its dial');
  expect(sureText({ mean: 0, deviation: 5 }, 'metric')).toBe('±6 °C');
  expect(againstLabel('power', { mean: 0, deviation: 0.05 }, 1200, 'metric')).toEqual({
    what: '1.20 kW',
    sure: '±0.08',
  });
  expect(againstLabel('heatTransfer', { mean: 0.2, deviation: 0.1 }, 1200, 'metric').what).toBe('22 % more');
  expect(againstLabel('offset', { mean: 0.5, deviation: 4 }, 1200, 'metric').what).toBe('as the dial says');
  expect(saysText({ mean: 1, deviation: 2 }, 'metric')).toBeNull();
  expect(saysText({ mean: 3, deviation: 9 }, 'metric')).toBeNull();
  expect(saysText({ mean: -14, deviation: 6 }, 'metric')).toBe('14 °C under');
});

test('every cause and symptom has its words, and no two the same', () => {
  for (const words of [CAUSE_WORDS, CAUSE_QUESTIONS]) {
    expect(new Set(Object.values(words)).size).toBe(CAUSES.length);
  }
  for (const cause of CAUSES) {
    expect(CAUSE_MENDS[cause]).toMatch(/\w/);
    expect(CAUSE_QUESTIONS[cause]).toMatch(/\?$/);
    expect(strengthText(cause, 1.5, 'metric')).not.toMatch(/NaN|undefined/);
  }
  expect(new Set(Object.values(SYMPTOM_WORDS)).size).toBe(SYMPTOMS.length);
  expect(strengthText('cool-fryer', -12, 'us')).toBe('22 °F under its dial');
  expect(strengthText('wet-pieces', 0.09, 'metric')).toBe('90 g/m² of water left on them');
});
