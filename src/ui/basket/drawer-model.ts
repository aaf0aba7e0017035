import { CanvasTexture, Group, Mesh, MeshStandardMaterial, PlaneGeometry, SRGBColorSpace } from 'three';
import { RoundedBoxGeometry } from 'three/addons/geometries/RoundedBoxGeometry.js';

/** cm: height and thickness of the walls that are seen, and between the slots of the grate. Source: chosen by looking. */
const WALL = { height: 4.2, thick: 0.8 };
const SLOT = { long: 2.3, wide: 0.46, along: 3.2, across: 1.4 };

/** Baking parchment. Source: chosen by looking. */
const PARCHMENT = '#b9a884';

/** Pixels of the grate's picture. */
const PIXELS = 512;

/** The grate with its rows of slots. */
function grateTexture(side: number): CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = PIXELS;
  const context = canvas.getContext('2d')!;
  const scale = PIXELS / side;
  context.fillStyle = '#343a41';
  context.fillRect(0, 0, PIXELS, PIXELS);
  context.fillStyle = '#0c0e10';
  for (let row = 0; row * SLOT.across < side; row++) {
    for (let n = -1; n * SLOT.along < side; n++) {
      const x = (n + (row % 2) / 2 + 0.15) * SLOT.along;
      context.beginPath();
      context.roundRect(
        x * scale,
        (row + 0.35) * SLOT.across * scale,
        SLOT.long * scale,
        SLOT.wide * scale,
        (SLOT.wide / 2) * scale,
      );
      context.fill();
    }
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  texture.anisotropy = 4;
  return texture;
}

/** The drawer, empty: grate or liner, upright walls, a rolled rim. @param side cm, inside */
export function drawerModel(side: number, lined: boolean): Group {
  const drawer = new Group();
  const floor = new Mesh(
    new PlaneGeometry(side, side),
    lined
      ? new MeshStandardMaterial({ color: PARCHMENT, roughness: 0.9 })
      : new MeshStandardMaterial({ map: grateTexture(side), metalness: 0.25, roughness: 0.7 }),
  );
  floor.rotation.x = -Math.PI / 2;
  floor.receiveShadow = true;
  drawer.add(floor);
  const iron = new MeshStandardMaterial({ color: '#363d48', metalness: 0.35, roughness: 0.6 });
  const outer = side + 2 * WALL.thick;
  for (const [x, z, wide, deep] of [
    [-1, 0, WALL.thick, outer],
    [1, 0, WALL.thick, outer],
    [0, -1, outer, WALL.thick],
    [0, 1, outer, WALL.thick],
  ] as const) {
    const wall = new Mesh(new RoundedBoxGeometry(wide, WALL.height, deep, 3, 0.34), iron);
    const off = (side + WALL.thick) / 2;
    wall.position.set(x * off, WALL.height / 2 - 0.5, z * off);
    wall.castShadow = true;
    wall.receiveShadow = true;
    drawer.add(wall);
  }
  return drawer;
}

/** cm of rim round the floor. */
export const RIM = WALL.thick;
