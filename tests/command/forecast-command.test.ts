import { spawnSync } from 'node:child_process';

const PLAN = {
  format: 'drubek.plan',
  version: 1,
  food: 'celeriac',
  cut: { shape: 'stick', thickness_mm: 9, length_mm: 70 },
  mass_g: 400,
  cook: { stages: [{ minutes: 26, temperature_c: 195 }], events: [{ minute: 9, action: 'shake' }] },
};

function forecast(input: string, ...options: string[]) {
  return spawnSync('npm', ['run', '-s', 'forecast', '--', '-', ...options], { input, encoding: 'utf8' });
}

test('a plan in gives one JSON forecast out, the same for the same seed', () => {
  const first = forecast(JSON.stringify(PLAN), '--ensemble', '4', '--seed', '3');
  expect(first.status).toBe(0);
  const answer = JSON.parse(first.stdout) as {
    format: string;
    done_min: { p10: number; p50: number; p90: number };
    minutes: { minute: number; share: Record<string, number>; water_lost: number }[];
  };
  expect(answer.format).toBe('drubek.forecast');
  expect(answer.done_min.p10).toBeLessThanOrEqual(answer.done_min.p50);
  expect(answer.done_min.p50).toBeLessThanOrEqual(answer.done_min.p90);
  expect(answer.minutes).toHaveLength(26);
  for (const row of answer.minutes) {
    expect(Object.values(row.share).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 3);
  }
  expect(forecast(JSON.stringify(PLAN), '--ensemble', '4', '--seed', '3').stdout).toBe(first.stdout);
});

test.each([
  ['not JSON', '{', /is not JSON/],
  ['a wrong field', JSON.stringify({ ...PLAN, mass_g: 1 }), /^mass_g: must be 20 at least\n$/],
])(
  '%s: one clear line on standard error, exit 2',
  (_, input, line) => {
    const { status, stdout, stderr } = forecast(input);
    expect(status).toBe(2);
    expect(stdout).toBe('');
    expect(stderr).toMatch(line);
  },
  30_000,
);

test('a seed that is no number is refused', () => {
  const { status, stderr } = forecast(JSON.stringify(PLAN), '--seed', 'x');
  expect(status).toBe(2);
  expect(stderr).toMatch(/--seed/);
});
