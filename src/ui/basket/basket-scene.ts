import {
  DirectionalLight,
  HemisphereLight,
  InstancedBufferAttribute,
  InstancedMesh,
  Matrix4,
  PerspectiveCamera,
  Quaternion,
  Scene,
  Vector3,
} from 'three';
import type { Cut } from '../../core/cut/cut';
import { POSE, type SettledLoad } from '../../workers/basket/protocol';
import { drawerModel, RIM } from './drawer-model';
import { foodMaterial, shadowMaterial, type Skin } from './food-material';
import type { PieceLook } from './followed-pieces';
import { halfThickness, pieceMesh } from './piece-mesh';
import { isRoundFromAbove } from '../drawings/piece-size';

/** Shapes made of each cut, dealt round. */
const VARIANTS = 4;

/** Degrees: opening of the camera, and how far it leans from straight above. Source: chosen by looking. */
const OPENING = 17;
const LEAN = 5;

/** Directions from which the soft light of a kitchen comes, for pictures that stand still; the first is the key light. */
const LIGHTS: readonly (readonly [number, number, number])[] = [
  [-0.62, 1, -0.58],
  [-0.3, 1, -0.75],
  [0.5, 1, 0.35],
  [-0.8, 0.8, -0.2],
  [0.2, 1.3, -0.3],
  [-0.45, 0.9, 0.6],
  [0.75, 0.9, -0.4],
  [-0.1, 1.5, 0.1],
  [-0.62, 0.75, -0.75],
  [0.35, 0.9, 0.8],
];
export const LIGHT_COUNT = LIGHTS.length;

/** What a kind of piece is made of. */
export interface KindOfPiece extends Omit<Skin, 'half'> {
  readonly cut: Cut;
}

/** A piece as it is seen: middle and size in shares of the picture's side, degrees. */
export interface SeenPiece {
  readonly x: number;
  readonly y: number;
  readonly long: number;
  readonly wide: number;
  readonly turn: number;
  readonly isRound: boolean;
}

/** A drawer with a settled load, to be looked at from above. */
export interface BasketScene {
  readonly scene: Scene;
  readonly camera: PerspectiveCamera;
  /** Dresses every piece; `shrunk` is their size over that when raw. */
  dress(looks: readonly PieceLook[], shrunk: number): void;
  /** Puts the key light where the n-th of the soft lights is. */
  lightFrom(n: number): void;
  seen(piece: number): SeenPiece;
  dispose(): void;
}

/** @param side cm, inside the drawer @param kinds one for each part of the load */
export function createBasketScene(
  side: number,
  kinds: readonly KindOfPiece[],
  load: SettledLoad,
  lined: boolean,
): BasketScene {
  const scene = new Scene();
  const drawer = drawerModel(side, lined);
  scene.add(drawer, new HemisphereLight('#fff3e2', '#8a6a3c', 1.25));
  const key = new DirectionalLight('#ffeccb', 3.6);
  key.castShadow = true;
  key.shadow.mapSize.set(1024, 1024);
  const extent = side * 0.74;
  Object.assign(key.shadow.camera, { left: -extent, right: extent, top: extent, bottom: -extent, near: 5, far: 90 });
  key.shadow.bias = -0.0006;
  key.shadow.normalBias = 0.025;
  scene.add(key, key.target);

  const camera = new PerspectiveCamera(OPENING, 1, 1, 300);
  const lean = (LEAN * Math.PI) / 180;
  const away = (side / 2 + RIM + 0.5) / Math.tan((OPENING / 2) * (Math.PI / 180)) + 3;
  camera.position.set(0, away * Math.cos(lean), away * Math.sin(lean));
  camera.lookAt(0, 0.4, 0.15);
  camera.updateMatrixWorld();

  /* the pieces of each kind and variant, drawn in one go */
  const heaps = kinds.flatMap((kind, part) =>
    Array.from({ length: VARIANTS }, (_, variant) => {
      const own: number[] = [];
      load.part.forEach((of, i) => {
        if (of === part && i % VARIANTS === variant) own.push(i);
      });
      const mesh = new InstancedMesh(
        pieceMesh(kind.cut, variant),
        foodMaterial({ ...kind, half: halfThickness(kind.cut) }),
        Math.max(1, own.length),
      );
      mesh.count = own.length;
      mesh.customDepthMaterial = shadowMaterial();
      mesh.castShadow = true;
      mesh.receiveShadow = true;
      mesh.frustumCulled = false;
      const brown = new InstancedBufferAttribute(new Float32Array(3 * Math.max(1, own.length)), 3);
      mesh.geometry.setAttribute('aBrown', brown);
      scene.add(mesh);
      return { mesh, own, brown };
    }),
  );
  const poses = Array.from(load.part, (_, i) => {
    const [x, y, z, qx, qy, qz, qw, size] = load.pose.subarray(i * POSE, (i + 1) * POSE);
    return {
      at: new Vector3(x! / 10, y! / 10, z! / 10),
      turn: new Quaternion(qx, qy, qz, qw),
      size: size!,
      /* any number that is the piece's own */
      own: Math.abs((x! * 0.137 + z! * 0.291) % 1),
    };
  });
  const [matrix, at, scale] = [new Matrix4(), new Vector3(), new Vector3()];
  const lightFrom = (n: number) => key.position.set(...LIGHTS[n]!).multiplyScalar(38);
  lightFrom(0);
  return {
    scene,
    camera,
    lightFrom,
    dress(looks, shrunk) {
      for (const { mesh, own, brown } of heaps) {
        own.forEach((i, n) => {
          const { at: raw, turn, size, own: seed } = poses[i]!;
          const { up, down, inside } = looks[i]!;
          at.set(raw.x, raw.y * shrunk, raw.z);
          scale.setScalar(inside ? size * shrunk : 0);
          mesh.setMatrixAt(n, matrix.compose(at, turn, scale));
          brown.setXYZ(n, up, down, seed);
        });
        mesh.instanceMatrix.needsUpdate = true;
        brown.needsUpdate = true;
      }
    },
    seen(piece) {
      const { at: middle, turn } = poses[piece]!;
      const { cut } = kinds[load.part[piece]!]!;
      const [long, wide] = [
        'length' in cut ? cut.length : 'diameter' in cut ? cut.diameter : cut.thickness,
        'width' in cut && cut.shape !== 'wedge' ? cut.width : 'diameter' in cut ? cut.diameter : cut.thickness,
      ];
      const shown = (x: number, z: number) => {
        const point = new Vector3(x, 0, z).applyQuaternion(turn).add(middle).project(camera);
        return { x: 0.5 + point.x / 2, y: 0.5 - point.y / 2 };
      };
      const [from, to, left, right] = [
        shown(-50 * long, 0),
        shown(50 * long, 0),
        shown(0, -50 * wide),
        shown(0, 50 * wide),
      ];
      return {
        x: (from.x + to.x) / 2,
        y: (from.y + to.y) / 2,
        long: Math.max(0.02, Math.hypot(to.x - from.x, to.y - from.y)),
        wide: Math.max(0.02, Math.hypot(right.x - left.x, right.y - left.y)),
        turn: (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI,
        isRound: isRoundFromAbove(cut),
      };
    },
    dispose() {
      for (const { mesh } of heaps) {
        mesh.geometry.dispose();
        mesh.material.dispose();
        mesh.customDepthMaterial?.dispose();
        mesh.dispose();
      }
      drawer.traverse((one) => {
        if ('geometry' in one) (one.geometry as { dispose(): void }).dispose();
      });
      key.dispose();
    },
  };
}
