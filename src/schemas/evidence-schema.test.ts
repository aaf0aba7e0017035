import { fryerTestEvidenceSchema } from './evidence-schema';

test('what a test said of fewer quantities is read as saying nothing of the others', () => {
  const information = Array.from({ length: 36 }, (_, at) => (at === 7 ? 4 : at === 35 ? 2 : 0));
  const read = fryerTestEvidenceSchema.parse({ information, vector: [0, 3, 0, 0, 0, 1], answers: 2 });
  expect(read.vector).toEqual([0, 3, 0, 0, 0, 1, 0, 0]);
  expect(read.information).toHaveLength(64);
  expect(read.information[9]).toBe(4);
  expect(read.information[45]).toBe(2);
  expect(read.information.reduce((sum, value) => sum + value, 0)).toBe(6);
  expect(fryerTestEvidenceSchema.parse(read)).toEqual(read);
  const sevenfold = { information: new Array<number>(49).fill(1), vector: new Array<number>(7).fill(1), answers: 2 };
  expect(fryerTestEvidenceSchema.parse(sevenfold).vector).toEqual([1, 1, 1, 1, 1, 1, 1, 0]);
});

test('evidence of another length is none', () => {
  expect(fryerTestEvidenceSchema.safeParse({ information: [1], vector: [1], answers: 1 }).success).toBe(false);
  expect(fryerTestEvidenceSchema.safeParse(null).success).toBe(false);
});
