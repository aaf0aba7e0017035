import RAPIER from '@dimforge/rapier3d-compat';
import type { Cut } from '../../core/cut/cut';
import { createSeededRandom, type RandomSource } from '../../core/numeric/seeded-random';
import { type DrawerLoad, POSE, type SettledLoad } from './protocol';

/** One basket, always settled the same. */
const SEED = 7;

/** Shapes that fall on any side. */
const TUMBLED: readonly Cut['shape'][] = ['cube', 'wedge', 'floret', 'cylinder', 'formed'];

/** Damping of turning, 1/s: of pieces that slide, and of those that would roll and that dents stop. Source: chosen by looking. */
const SLIDING = 1.4;
const ROLLING = 14;

/** Gravity, mm/s². Source: standard. */
const GRAVITY = 9810;

/** Step, s, and those between two pieces that are dropped, and for which the drawer is rocked and left to rest. Source: chosen by looking. */
const STEP = 1 / 120;
const BETWEEN = 3;
const ROCKED = 150;
const RESTED = 130;

/** How hard the drawer is rocked level, mm/s². Source: chosen by looking; pieces slide off each other and along the walls. */
const ROCKING = 5200;

/** Friction of pieces on each other and the grate. Source: assumed, oiled pieces. */
const FRICTION = 0.4;

/** How much pieces of one cut differ in size, either way. Source: chosen by looking. */
const DIFFER = 0.07;

/** Half the height that a crumpled leaf takes, mm. Source: assumed. */
const CRUMPLED = 3;

/** Thickness that a slice falls with at least, mm: less and it would slip through another. Source: numerics. */
const THINNEST = 1.6;

/** Height of the walls while pieces fall, mm. */
const WALLS = 500;

const mm = (metres: number) => metres * 1000;

/** The body of a piece of this cut, x along it, y its thickness. */
function bodyOf(cut: Cut, size: number): RAPIER.ColliderDesc {
  const box = (long: number, thick: number, wide: number) =>
    RAPIER.ColliderDesc.cuboid((size * long) / 2, (size * thick) / 2, (size * wide) / 2);
  switch (cut.shape) {
    case 'stick':
      return box(mm(cut.length), mm(cut.thickness), mm(cut.width));
    case 'cube':
      return box(mm(cut.thickness), mm(cut.thickness), mm(cut.thickness));
    case 'slice':
    case 'disc':
      return RAPIER.ColliderDesc.cylinder(
        (size * Math.max(THINNEST, mm(cut.thickness))) / 2,
        (size * mm(cut.diameter)) / 2,
      );
    case 'wedge': {
      const [l, h, w] = [mm(cut.length) / 2, mm(cut.width) / 2, mm(cut.thickness) / 2].map((half) => half * size);
      const corners = [-1, 1].flatMap((end) => [
        ...[end * l! * 0.7, -h!, 0],
        ...[end * l! * 0.96, h! * 0.7, -w!],
        ...[end * l! * 0.96, h! * 0.7, w!],
        ...[end * l! * 0.8, h!, 0],
      ]);
      return RAPIER.ColliderDesc.convexHull(new Float32Array(corners))!;
    }
    case 'floret':
      return RAPIER.ColliderDesc.ball((size * mm(cut.diameter) * 0.9) / 2);
    case 'cylinder':
    case 'formed': {
      const [long, wide] = [mm(cut.length), mm(cut.diameter)];
      return isRound(cut) ? RAPIER.ColliderDesc.ball((size * wide) / 2) : box(long, wide * 0.9, wide * 0.9);
    }
    case 'sheet':
      return box(mm(cut.length) * 0.84, 2 * CRUMPLED, mm(cut.width) * 0.72);
  }
}

/** Whether a piece would roll. */
function isRound(cut: Cut): boolean {
  if (cut.shape === 'floret') return true;
  return (cut.shape === 'cylinder' || cut.shape === 'formed') && cut.length < 1.25 * cut.diameter;
}

/** A turn about the upright axis, a little tilted. */
function turned(random: RandomSource, tilt: number): { x: number; y: number; z: number; w: number } {
  const yaw = random() * Math.PI * 2;
  const [pitch, roll] = [(random() - 0.5) * tilt, (random() - 0.5) * tilt];
  const [cy, sy] = [Math.cos(yaw / 2), Math.sin(yaw / 2)];
  const [cx, sx] = [Math.cos(pitch / 2), Math.sin(pitch / 2)];
  const [cz, sz] = [Math.cos(roll / 2), Math.sin(roll / 2)];
  return {
    w: cy * cx * cz + sy * sx * sz,
    x: cy * sx * cz + sy * cx * sz,
    y: sy * cx * cz - cy * sx * sz,
    z: cy * cx * sz - sy * sx * cz,
  };
}

/** The first numbers of van der Corput's sequence: places that fill a floor evenly. Source: van der Corput (1935). */
function evenly(index: number, base: number): number {
  let [share, sum] = [1, 0];
  for (let i = index; i > 0; i = Math.floor(i / base)) {
    share /= base;
    sum += share * (i % base);
  }
  return sum;
}

/** Room that a piece needs to the wall when it is dropped, mm. */
function reach(cut: Cut): number {
  const longest = 'length' in cut ? cut.length : 'diameter' in cut ? cut.diameter : cut.thickness;
  return Math.min(26, mm(longest) / 2.6);
}

/**
 * Lets the pieces of a load fall into the drawer, one part after the other, rocks it level and returns how they lie; the same load
 * always lies the same. Cost: a second of a worker for 150 pieces.
 */
export async function settleLoad({ side, parts }: DrawerLoad): Promise<SettledLoad> {
  await RAPIER.init();
  const random = createSeededRandom(SEED);
  const world = new RAPIER.World({ x: 0, y: -GRAVITY, z: 0 });
  try {
    world.timestep = STEP;
    world.lengthUnit = 20;
    const still = world.createRigidBody(RAPIER.RigidBodyDesc.fixed());
    const wall = (hx: number, hy: number, hz: number, x: number, y: number, z: number) =>
      world.createCollider(RAPIER.ColliderDesc.cuboid(hx, hy, hz).setTranslation(x, y, z).setFriction(FRICTION), still);
    const half = side / 2;
    wall(side, 20, side, 0, -20, 0);
    for (const way of [-1, 1]) {
      wall(20, WALLS, side, way * (half + 20), WALLS, 0);
      wall(side, WALLS, 20, 0, WALLS, way * (half + 20));
    }
    const fallen: { part: number; size: number; body: RAPIER.RigidBody }[] = [];
    const walkOn = (steps: number, rocking: (left: number) => number = () => 0) => {
      for (let n = 0; n < steps; n++) {
        const by = ROCKING * rocking(1 - n / steps);
        world.gravity = { x: by * Math.sin(n / 4), y: -GRAVITY, z: by * Math.cos(n / 5.3) };
        world.step();
      }
    };
    for (const [part, { cut, count }] of parts.entries()) {
      const room = Math.max(0, side - 2 * reach(cut));
      for (let i = 0; i < count; i++) {
        /* even over the floor, but not in rows */
        const dropped = (n: number, base: number) =>
          Math.max(-0.5, Math.min(0.5, evenly(n + 1, base) - 0.5 + 0.16 * (random() - 0.5)));
        const size = 1 + DIFFER * (2 * random() - 1);
        const above = 40 + 90 * (fallen.length / 150) + 12 * (i % 3);
        const place = RAPIER.RigidBodyDesc.dynamic()
          .setTranslation(dropped(i, 2) * room, above, dropped(i, 3) * room)
          .setRotation(turned(random, TUMBLED.includes(cut.shape) ? 2.4 : 0.5))
          .setLinearDamping(0.6)
          .setAngularDamping(isRound(cut) ? ROLLING : SLIDING);
        const body = world.createRigidBody(place);
        world.createCollider(bodyOf(cut, size).setFriction(FRICTION).setRestitution(0.03).setDensity(1e-6), body);
        fallen.push({ part, size, body });
        walkOn(BETWEEN);
      }
    }
    for (const { body } of fallen) body.wakeUp();
    walkOn(ROCKED, (left) => left);
    walkOn(RESTED);
    const lying = fallen.map(({ part, size, body }) => ({ part, size, at: body.translation(), turn: body.rotation() }));
    lying.sort((one, other) => other.at.y - one.at.y);
    const pose = new Float32Array(lying.length * POSE);
    lying.forEach(({ size, at, turn }, i) =>
      pose.set([at.x, at.y, at.z, turn.x, turn.y, turn.z, turn.w, size], i * POSE),
    );
    return { part: Uint8Array.from(lying, ({ part }) => part), pose };
  } finally {
    world.free();
  }
}
