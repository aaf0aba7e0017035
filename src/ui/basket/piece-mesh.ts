import { BoxGeometry, BufferAttribute, BufferGeometry, CylinderGeometry, IcosahedronGeometry } from 'three';
import { mergeGeometries, mergeVertices } from 'three/addons/utils/BufferGeometryUtils.js';
import type { Cut } from '../../core/cut/cut';
import { createSeededRandom, type RandomSource } from '../../core/numeric/seeded-random';

/** Scene units are centimetres, so that noise and light have one scale. */
const cm = (metres: number) => metres * 100;

/** One vertex: its place raw; how much of an edge and of an end or rim it is, 0–1; where it moves to once fully browned. */
interface Vertex {
  readonly at: readonly [number, number, number];
  readonly edge: number;
  readonly end: number;
  readonly curl?: readonly [number, number, number];
}

/** A smooth wobble of −1 to 1, the same for the same place. */
function wobble(x: number, y: number, z: number, seed: number): number {
  const sum =
    Math.sin(x * 1.9 + seed) +
    Math.sin(z * 3.1 + seed * 2.1) +
    Math.sin((x + y) * 1.1 + seed * 3.3) +
    0.6 * Math.sin(x * 5.3 + y * 7 + seed * 1.7);
  return sum / 3.6;
}

/** Moves every vertex of a raw shape and writes what the material reads. */
function shaped(raw: BufferGeometry, vertexOf: (x: number, y: number, z: number) => Vertex): BufferGeometry {
  const { position } = raw.attributes;
  const count = position!.count;
  const [places, marks, curls] = [
    new Float32Array(3 * count),
    new Float32Array(2 * count),
    new Float32Array(3 * count),
  ];
  for (let i = 0; i < count; i++) {
    const { at, edge, end, curl = [0, 0, 0] } = vertexOf(position!.getX(i), position!.getY(i), position!.getZ(i));
    places.set(at, 3 * i);
    marks.set([edge, end], 2 * i);
    curls.set(curl, 3 * i);
  }
  const geometry = new BufferGeometry();
  geometry.setIndex(raw.index);
  geometry.setAttribute('position', new BufferAttribute(places, 3));
  geometry.setAttribute('aMark', new BufferAttribute(marks, 2));
  geometry.setAttribute('aCurl', new BufferAttribute(curls, 3));
  geometry.computeVertexNormals();
  return geometry;
}

/** A box of −1 to 1 with shared corners, its vertices denser towards the edges. */
function rawBox(along: number, across: number): BufferGeometry {
  const box = new BoxGeometry(2, 2, 2, along, across, across);
  box.deleteAttribute('uv');
  box.deleteAttribute('normal');
  const { position } = box.attributes;
  const ease = (v: number) => Math.sign(v) * (1 - (1 - Math.abs(v)) ** 1.6);
  for (let i = 0; i < position!.count; i++) {
    position!.setXYZ(i, ease(position!.getX(i)), ease(position!.getY(i)), ease(position!.getZ(i)));
  }
  return mergeVertices(box, 1e-5);
}

/** A bar with rounded edges, a little crooked; its sides sink in as it dries. */
function bar(long: number, thick: number, wide: number, round: number, seed: number, random: RandomSource) {
  const [bend, lean, taper] = [(random() - 0.5) * 0.02, (random() - 0.5) * 0.02, random() * 0.1];
  const half = [long / 2, thick / 2, wide / 2] as const;
  const radius = Math.min(round, 0.45 * Math.min(thick, wide));
  return shaped(rawBox(14, 5), (u, v, w) => {
    const near = [u, v, w].map((one) => Math.max(0, (Math.abs(one) - 0.74) / 0.26)).sort((a, b) => b - a);
    const flat = [u * half[0], v * half[1], w * half[2]] as const;
    const inner = flat.map((one, i) => Math.min(half[i]! - radius, Math.max(radius - half[i]!, one)));
    const off = flat.map((one, i) => one - inner[i]!);
    const far = Math.hypot(...off);
    const [x, y, z] = far > radius ? inner.map((one, i) => one + (off[i]! * radius) / far) : flat;
    const narrow = 1 - taper * Math.max(0, u);
    const sink = 0.07 * thick * (1 - u * u);
    return {
      at: [
        x! + 0.02 * wobble(z!, y!, x!, seed),
        y! * narrow + bend * x! * x! + 0.03 * thick * wobble(x!, z!, y!, seed + 5),
        z! * narrow + lean * x! * x! + 0.03 * wide * wobble(x!, y!, z!, seed + 9),
      ],
      edge: Math.min(1, near[0]! * near[1]!),
      end: Math.max(0, (Math.abs(u) - 0.8) / 0.2) ** 1.5,
      curl: [0, -sink * Math.sign(v) * (1 - w * w), -sink * Math.sign(w) * (1 - v * v)],
    };
  });
}

/** A round slice with a rim; a thin one buckles as it dries. */
function round(radius: number, thick: number, seed: number, random: RandomSource, ragged: number): BufferGeometry {
  const [oval, turn, lift] = [0.9 + 0.1 * random(), random() * Math.PI, 0.12 + 0.22 * random()];
  const pliant = Math.min(1, 0.35 / Math.max(0.12, thick));
  return shaped(mergeVertices(roundRaw(30), 1e-5), (x, y, z) => {
    const share = Math.min(1, Math.hypot(x, z));
    const angle = Math.atan2(z, x);
    const rim =
      1 +
      0.03 * Math.sin(2 * angle + seed) +
      0.02 * Math.sin(3 * angle + 2 * seed) +
      ragged * wobble(x * 4, 0, z * 4, seed);
    const [px, pz] = [x * radius * rim, z * radius * rim * oval];
    const [along, over] = [px * Math.cos(turn) + pz * Math.sin(turn), pz * Math.cos(turn) - px * Math.sin(turn)];
    const buckle =
      lift * (along * along * 0.45 - over * over * 0.2) + 0.07 * radius * share ** 3 * Math.sin(3 * angle + seed);
    return {
      at: [px, (y * thick) / 2 + 0.02 * wobble(px * 2, pz, y, seed), pz],
      edge: share ** 6,
      end: share,
      /* up only: what would go down lies on the grate */
      curl: [0, pliant * Math.min(1.2, Math.max(0, buckle)), 0],
    };
  });
}

/** A flat cylinder of radius 1 and height ±1 with rings on both faces. @param spokes vertices round each ring */
function roundRaw(spokes: number): BufferGeometry {
  const rings = 7;
  const places: number[] = [];
  const faces: number[] = [];
  const ring = (share: number, height: number) => {
    for (let s = 0; s < spokes; s++) {
      const angle = (s / spokes) * Math.PI * 2;
      places.push(share * Math.cos(angle), height, share * Math.sin(angle));
    }
  };
  for (let r = 0; r <= rings; r++) ring((r / rings) ** 0.75 * 0.96, 1);
  ring(1, 0.5);
  ring(1, -0.5);
  for (let r = rings; r >= 0; r--) ring((r / rings) ** 0.75 * 0.96, -1);
  const all = places.length / 3 / spokes;
  for (let r = 0; r < all - 1; r++) {
    for (let s = 0; s < spokes; s++) {
      const [a, b] = [r * spokes + s, r * spokes + ((s + 1) % spokes)];
      faces.push(a, b, a + spokes, b, b + spokes, a + spokes);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(places), 3));
  geometry.setIndex(faces);
  return geometry;
}

/** A segment: two cut faces that meet in a ridge below, the skin rounded above. */
function wedge(long: number, high: number, wide: number, seed: number): BufferGeometry {
  return shaped(rawBox(18, 8), (u, v, w) => {
    const narrow = Math.sqrt(Math.max(0.03, 1 - Math.abs(u) ** 2.6 * 0.82));
    const section = v < 0 ? 1 + v * 0.8 : 1;
    const arch = v > 0 ? Math.sqrt(Math.max(0, 1 - w * w * 0.6)) : 1;
    const [x, y, z] = [(u * long) / 2, (v * high * arch * narrow) / 2, (w * wide * section * narrow) / 2];
    return {
      at: [x, y + 0.02 * wobble(x, y, z, seed), z + 0.02 * wobble(z, x, y, seed + 3)],
      edge: Math.max(Math.max(0, (Math.abs(w) - 0.7) / 0.3) * (v > -0.2 ? 1 : 0), Math.max(0, (-v - 0.7) / 0.3)),
      end: Math.max(0, (v - 0.82) / 0.18),
      curl: [0, v < 0 ? 0.05 * high : 0, -0.08 * wide * Math.sign(w) * (1 - v * v)],
    };
  });
}

/** A leaf, ruffled at its rim, that crumples as it dries. */
function leaf(long: number, wide: number, seed: number): BufferGeometry {
  return shaped(mergeVertices(roundRaw(54), 1e-5), (x, y, z) => {
    const share = Math.min(1, Math.hypot(x, z));
    const angle = Math.atan2(z, x);
    const rim =
      1 +
      0.1 * Math.sin(2 * angle + seed) +
      0.06 * Math.sin(5 * angle + 2 * seed) +
      0.035 * Math.sin(11 * angle + seed);
    const [px, pz] = [(x * rim * long) / 2, (z * rim * wide) / 2];
    const ruffle =
      share ** 3 * 0.05 * long * (Math.sin(6 * angle + seed) + 0.9 * Math.sin(10 * angle + 2.2 * seed)) +
      0.03 * long * wobble(px, 0, pz, seed);
    return {
      at: [px, ruffle + 0.12 * long * (z * z - 0.2) + 0.01 * y, pz],
      edge: share ** 5,
      end: Math.max(0, 1 - Math.abs(z) * 16),
      curl: [-0.1 * px * share, 0.8 * ruffle + 0.1 * long * x * x, -0.28 * pz * share],
    };
  });
}

/** A branched head: small buds over a crown on a short stem. */
function floret(size: number, seed: number, random: RandomSource): BufferGeometry {
  const parts: BufferGeometry[] = [];
  const buds = 20;
  for (let i = 0; i < buds; i++) {
    /* evenly over the upper part of a ball */
    const height = 1 - (1.15 * (i + 0.5)) / buds;
    const angle = i * 2.39996;
    const ring = Math.sqrt(Math.max(0, 1 - height * height));
    const bud = size * (0.16 + 0.09 * random());
    const centre = [
      0.33 * size * ring * Math.cos(angle),
      0.3 * size * height,
      0.33 * size * ring * Math.sin(angle),
    ] as const;
    const ball = new IcosahedronGeometry(bud, 2);
    ball.deleteAttribute('uv');
    ball.deleteAttribute('normal');
    parts.push(
      shaped(mergeVertices(ball, 1e-5), (x, y, z) => {
        const bump = 1 + 0.16 * wobble(x * 14, y * 14, z * 14, seed + i);
        const [px, py, pz] = [centre[0] + x * bump, centre[1] + y * bump, centre[2] + z * bump];
        const outer = Math.max(0, Math.hypot(px, py, pz) / (0.5 * size) - 0.55) / 0.45;
        return { at: [px, py, pz], edge: Math.min(1, outer), end: 0, curl: [-0.12 * px, -0.1 * py, -0.12 * pz] };
      }),
    );
  }
  const stem = new CylinderGeometry(0.2 * size, 0.15 * size, 0.36 * size, 12, 4);
  stem.deleteAttribute('uv');
  stem.deleteAttribute('normal');
  parts.push(
    shaped(mergeVertices(stem, 1e-5), (x, y, z) => ({
      at: [x, y - 0.2 * size, z],
      edge: y < -0.17 * size ? 0.8 : 0.1,
      end: 0,
      curl: [-0.15 * x, 0, -0.15 * z],
    })),
  );
  return mergeGeometries(parts)!;
}

/** A ball, a bean, or a rolled piece with a rough skin. */
function rolled(long: number, thick: number, rough: number, seed: number): BufferGeometry {
  const ball = new IcosahedronGeometry(1, thick < 1.4 ? 3 : 5);
  ball.deleteAttribute('uv');
  ball.deleteAttribute('normal');
  const straight = Math.max(0, long / thick - 1);
  return shaped(mergeVertices(ball, 1e-5), (x, y, z) => {
    const bump = 1 + rough * wobble(x * 5, y * 5, z * 5, seed) + 0.5 * rough * wobble(x * 13, y * 13, z * 13, seed + 2);
    const at = [
      ((Math.sign(x) * Math.min(1, Math.abs(x) * 3) * straight + x) * thick * bump) / 2,
      (y * thick * bump) / 2,
      (z * thick * bump) / 2,
    ] as const;
    return {
      at,
      edge: 0.4 * Math.abs(x) ** 4,
      end: Math.abs(x) ** 6,
      curl: [-0.05 * at[0], -0.08 * at[1], -0.08 * at[2]],
    };
  });
}

/** One piece of a cut lying along x, y its thickness, in centimetres; variants differ as pieces of one lot do. */
export function pieceMesh(cut: Cut, variant: number): BufferGeometry {
  const random = createSeededRandom(31 * variant + 7);
  const seed = 17 * random();
  switch (cut.shape) {
    case 'stick':
      return bar(cm(cut.length), cm(cut.thickness), cm(cut.width), 0.15, seed, random);
    case 'cube':
      return bar(cm(cut.thickness), cm(cut.thickness), cm(cut.thickness), 0.22, seed, random);
    case 'slice':
      return round(cm(cut.diameter) / 2, Math.max(0.08, cm(cut.thickness)), seed, random, 0);
    case 'disc':
      return round(cm(cut.diameter) / 2, cm(cut.thickness), seed, random, 0.07);
    case 'wedge':
      return wedge(cm(cut.length), cm(cut.width), cm(cut.thickness), seed);
    case 'floret':
      return floret(cm(cut.diameter), seed, random);
    case 'cylinder':
      return rolled(cm(cut.length), cm(cut.diameter), 0.025, seed);
    case 'formed':
      return rolled(cm(cut.length), cm(cut.diameter), 0.09, seed);
    case 'sheet':
      return leaf(cm(cut.length), cm(cut.width), seed);
  }
}

/** cm, half the thickness over which a piece browns from its lower to its upper face. */
export function halfThickness(cut: Cut): number {
  switch (cut.shape) {
    case 'stick':
    case 'cube':
    case 'slice':
    case 'disc':
      return Math.max(0.05, cm(cut.thickness) / 2);
    case 'wedge':
      return cm(cut.width) / 2;
    case 'floret':
    case 'cylinder':
    case 'formed':
      return cm(cut.diameter) / 2;
    case 'sheet':
      return 0.3;
  }
}
