import type { Cut } from '../../core/cut/cut';

/** mm, the longer and the shorter side of a piece seen from above. */
export function sizeFromAbove(cut: Cut): readonly [long: number, wide: number] {
  const mm = (metres: number) => metres * 1000;
  switch (cut.shape) {
    case 'stick':
      return [mm(cut.length), mm(cut.width)];
    case 'slice':
    case 'disc':
    case 'floret':
      return [mm(cut.diameter), mm(cut.diameter)];
    case 'cube':
      return [mm(cut.thickness), mm(cut.thickness)];
    case 'wedge':
      return [mm(cut.length), mm(cut.thickness)];
    case 'cylinder':
    case 'formed':
      return [mm(cut.length), mm(cut.diameter)];
    case 'sheet':
      return [mm(cut.length), mm(cut.width)];
  }
}

/** Whether a piece is about as round as it is wide, seen from above. */
export function isRoundFromAbove(cut: Cut): boolean {
  return 'diameter' in cut && !('length' in cut);
}
