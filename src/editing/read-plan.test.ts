import { FIRST_PLAN } from '@/schemas/first-plan';
import { writePlanFile } from '@/schemas/write-plan';
import { packPlan } from '@/schemas/plan-link';
import { readLink, readText } from './read-plan';

test('a plan file is read, and a fault says its path and what to change', () => {
  expect(readText(JSON.stringify(writePlanFile(FIRST_PLAN)))).toMatchObject({
    kind: 'plan',
    from: 'plan file',
    document: FIRST_PLAN,
  });
  const refused = readText(JSON.stringify({ ...writePlanFile(FIRST_PLAN), mass_g: 9, colour: 'red' }));
  expect(refused.kind === 'refused' && refused.lines.join(' ')).toMatch(/mass_g.*colour|colour.*mass_g/);
});

test('a recipe inside a saved page is found', () => {
  const page = `<html><script type="application/ld+json">{"@type":"Recipe","name":"Beetroot crisps"}</script></html>`;
  expect(readText(page)).toMatchObject({ kind: 'plan', from: 'recipe', document: { food: 'beetroot' } });
});

test('what is no JSON, or too large, is refused in words', () => {
  expect(readText('hello')).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/not JSON/)] });
  expect(readText('x'.repeat(1_000_001))).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/1 MB/)] });
});

test('a link carries a plan, and a damaged one says so', () => {
  expect(readLink(packPlan(FIRST_PLAN)!)).toMatchObject({ kind: 'plan', from: 'link', document: FIRST_PLAN });
  expect(readLink('xyz')).toMatchObject({ kind: 'refused', lines: [expect.stringMatching(/damaged/)] });
});

test('whatever is thrown at it is answered at once: endless tags, endless digits, endless depth', () => {
  const recipe = (line: string) =>
    JSON.stringify({ '@type': 'Recipe', name: 'x', recipeIngredient: [line], recipeInstructions: line });
  const bombs = [
    '<script '.repeat(120_000),
    `<script type="application/ld+json">${'<script '.repeat(100_000)}`,
    '<script type=application/ld+json>'.repeat(25_000),
    `${'<script '.repeat(100_000)}>`,
    recipe('1'.repeat(20_000)),
    recipe(`soak ${'a '.repeat(10_000)}`),
    recipe('1 '.repeat(10_000)),
    '['.repeat(500_000),
    `${'['.repeat(100_000)}${']'.repeat(100_000)}`,
    `{"@graph":${'[{"@graph":'.repeat(20_000)}1${'}]'.repeat(20_000)}}`,
  ];
  for (const bomb of bombs) expect(['refused', 'plan']).toContain(readText(bomb).kind);
});
