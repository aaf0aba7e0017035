import { withoutMetadata } from './jpeg-metadata';

const segment = (marker: number, text: string) => [0xff, marker, 0, text.length + 2, ...Buffer.from(text)];

test('what a camera writes into a picture goes, the picture and its colours stay', () => {
  const picture = [0xff, 0xda, 0, 2, 1, 2, 3, 0xff, 0xd9];
  const jpeg = Uint8Array.from([
    0xff,
    0xd8,
    ...segment(0xe0, 'JFIF'),
    ...segment(0xe1, 'Exif: 52.5 N 13.4 E'),
    ...segment(0xe2, 'profile'),
    ...segment(0xfe, 'a comment'),
    ...picture,
  ]);
  const clean = Buffer.from(withoutMetadata(jpeg));
  expect(clean.toString('latin1')).not.toMatch(/Exif|comment/);
  expect([...clean]).toEqual([0xff, 0xd8, ...segment(0xe0, 'JFIF'), ...segment(0xe2, 'profile'), ...picture]);
});

test('what is no JPEG inside is left as it is, and ends', () => {
  for (const odd of [
    [0xff, 0xd8],
    [0xff, 0xd8, 0xff, 0xe1, 0xff, 0xff],
    [0xff, 0xd8, 0xff, 0xe1, 0, 0, 0xff],
  ])
    expect([...withoutMetadata(Uint8Array.from(odd))]).toEqual(odd);
});
