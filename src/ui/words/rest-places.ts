/** Where pieces rest, as it stands in a sentence. */
export const REST_PLACES = {
  rack: 'on a rack',
  heap: 'in a heap',
  covered: 'covered',
  'warm-oven': 'in the warm oven',
} as const;
