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
