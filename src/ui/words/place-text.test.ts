import { extremesText, placeText, strengthText } from './place-text';

test('places are said as they lie before the cook', () => {
  expect([0, 1, 4, 5, 6].map(placeText)).toEqual([
    'back left',
    'back, in the centre',
    'in the middle',
    'middle right',
    'front left',
  ]);
});

test('heat is said against the mean, and the ends against each other', () => {
  expect([1.08, 0.91, 1.002].map(strengthText)).toEqual(['+8', '−9', '0']);
  expect(extremesText([1.1, 1, 1, 1, 1, 1, 1, 1, 0.88])).toBe(
    'It is strongest back left and weakest front right: 25 % more heat.',
  );
  expect(extremesText(new Array<number>(9).fill(1))).toBe('All places are as strong as one another.');
});
