import type { Cut } from '../core/cut/cut';
import type { CutFile } from './cut-schema';

const MM = 1e-3;

/** Depth of a wedge from the skin over its thickness where none is given. Source: assumed, an eighth of a round potato. */
const WEDGE_DEPTH = 1.2;

/** The engine's cut, m; sides are put in order. */
export function cutFromFile(file: CutFile): Cut {
  switch (file.shape) {
    case 'stick': {
      const [thinner, wider] = [file.thickness_mm, file.width_mm ?? file.thickness_mm].sort((a, b) => a - b);
      return {
        shape: 'stick',
        thickness: thinner! * MM,
        width: wider! * MM,
        length: Math.max(file.length_mm, wider!) * MM,
      };
    }
    case 'slice':
    case 'disc':
      return {
        shape: file.shape,
        thickness: file.thickness_mm * MM,
        diameter: Math.max(file.diameter_mm, file.thickness_mm) * MM,
      };
    case 'cube':
      return { shape: 'cube', thickness: file.thickness_mm * MM };
    case 'wedge':
      return {
        shape: 'wedge',
        thickness: file.thickness_mm * MM,
        width: (file.width_mm ?? file.thickness_mm * WEDGE_DEPTH) * MM,
        length: Math.max(file.length_mm, file.thickness_mm) * MM,
      };
    case 'floret':
      return { shape: 'floret', diameter: file.diameter_mm * MM };
    case 'cylinder':
      return {
        shape: 'cylinder',
        diameter: file.diameter_mm * MM,
        length: Math.max(file.length_mm, file.diameter_mm) * MM,
      };
    case 'sheet':
      return {
        shape: 'sheet',
        thickness: file.thickness_mm * MM,
        width: file.width_mm * MM,
        length: Math.max(file.length_mm, file.width_mm) * MM,
      };
    case 'formed': {
      const diameter = file.diameter_mm ?? file.thickness_mm ?? 25;
      return { shape: 'formed', diameter: diameter * MM, length: Math.max(file.length_mm ?? diameter, diameter) * MM };
    }
  }
}
