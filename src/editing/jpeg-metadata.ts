/* Source of all markers: ITU-T T.81, table B.1 */
const START_OF_SCAN = 0xda;
const COMMENT = 0xfe;
const FIRST_APP = 0xe1;
const LAST_APP = 0xef;

/** A colour profile (APP2) and how colours are coded (APP14) change what is seen: they stay. */
const SEEN = new Set([0xe2, 0xee]);

/** A JPEG without what its camera wrote into it: place, time, thumbnail, comments. What cannot be read as segments stays as it is. */
export function withoutMetadata(jpeg: Uint8Array): Uint8Array {
  const kept: Uint8Array[] = [jpeg.subarray(0, 2)];
  for (let at = 2; at + 4 <= jpeg.length && jpeg[at] === 0xff;) {
    const marker = jpeg[at + 1]!;
    if (marker === START_OF_SCAN) return Buffer.concat([...kept, jpeg.subarray(at)]);
    const end = at + 2 + ((jpeg[at + 2]! << 8) | jpeg[at + 3]!);
    const says = marker === COMMENT || (marker >= FIRST_APP && marker <= LAST_APP && !SEEN.has(marker));
    if (!says) kept.push(jpeg.subarray(at, end));
    at = end;
  }
  return jpeg;
}
