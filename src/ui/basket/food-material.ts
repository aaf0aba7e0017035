import {
  DataTexture,
  LinearFilter,
  MeshDepthMaterial,
  MeshStandardMaterial,
  RGBADepthPacking,
  RGBAFormat,
  SRGBColorSpace,
} from 'three';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { BROWNEST, LEVELS, paletteOf } from '../colour/food-colours';
import { grainTexture } from './grain-texture';

/** How the skin of a piece looks besides its colour. */
export interface Skin {
  readonly ramp: ColourRamp;
  /** crumbs or batter: rough, with darker grains */
  readonly coated: boolean;
  /** cm, half the thickness from the lower to the upper face */
  readonly half: number;
}

/** The colours of a ramp along its browning. */
function rampTexture(ramp: ColourRamp): DataTexture {
  const { bytes } = paletteOf(ramp);
  const pixels = new Uint8Array(4 * LEVELS);
  for (let level = 0; level < LEVELS; level++)
    pixels.set([...bytes.subarray(3 * level, 3 * level + 3), 255], 4 * level);
  const texture = new DataTexture(pixels, LEVELS, 1, RGBAFormat);
  texture.colorSpace = SRGBColorSpace;
  texture.minFilter = LinearFilter;
  texture.magFilter = LinearFilter;
  texture.needsUpdate = true;
  return texture;
}

/** Moves a vertex from raw towards curled as its piece browns. */
const CURL = `
float mean = 0.5 * (aBrown.x + aBrown.y);
transformed += aCurl * min(1.3, 0.15 + mean);`;

/** What the shadow of food is cast by: the same curled shape. */
export function shadowMaterial(): MeshDepthMaterial {
  const material = new MeshDepthMaterial({ depthPacking: RGBADepthPacking });
  material.onBeforeCompile = (shader) => {
    shader.vertexShader = `
      attribute vec3 aCurl; attribute vec3 aBrown;
      ${shader.vertexShader.replace('#include <begin_vertex>', `#include <begin_vertex>${CURL}`)}`;
  };
  return material;
}

/** Turns a place on a piece into one on the grain, alike on every face of a box. */
const GRAIN = `
vec2 grainAt(vec3 p) { return 0.125 * vec2(dot(p, vec3(0.9, -0.9, 0.0)), dot(p, vec3(0.52, 0.52, -1.04))); }
`;

/**
 * The look of food: the colour is that of the ramp at the browning of this spot, which is that of the face that looks up or down,
 * uneven by noise and more at edges and ends. The shape moves on from raw to curled as it browns.
 */
export function foodMaterial({ ramp, coated, half }: Skin): MeshStandardMaterial {
  const material = new MeshStandardMaterial({ roughness: coated ? 0.78 : 0.58 });
  material.onBeforeCompile = (shader) => {
    shader.uniforms.uRamp = { value: rampTexture(ramp) };
    shader.uniforms.uHalf = { value: half };
    shader.uniforms.uGrain = { value: grainTexture() };
    shader.vertexShader = `
      attribute vec2 aMark; attribute vec3 aCurl; attribute vec3 aBrown;
      uniform float uHalf;
      varying vec4 vBrown; varying vec3 vOwn;
      ${shader.vertexShader.replace(
        '#include <begin_vertex>',
        `#include <begin_vertex>${CURL}
        float rise = (mat3(instanceMatrix) * position).y;
        vBrown = vec4(mix(aBrown.y, aBrown.x, smoothstep(-1.0, 1.0, rise / uHalf)), aMark, mean);
        vOwn = position + aBrown.z * vec3(31.0, 17.0, 23.0);`,
      )}`;
    shader.fragmentShader = `
      uniform sampler2D uRamp; uniform sampler2D uGrain;
      varying vec4 vBrown; varying vec3 vOwn;
      ${GRAIN}
      ${shader.fragmentShader
        .replace(
          '#include <color_fragment>',
          `#include <color_fragment>
          vec4 grains = texture2D(uGrain, grainAt(vOwn)), fine = texture2D(uGrain, grainAt(vOwn) * 2.3 + 0.31);
          float low = grains.r - 0.5, mid = grains.g - 0.5, high = grains.b - 0.5;
          float own = vBrown.x;
          float brown = own * (1.0 + 0.45 * low + 0.7 * mid + 0.5 * high)
            + own * (0.8 * vBrown.y + 0.4 * vBrown.z) * (1.0 + 1.2 * mid)
            + own * 0.5 * smoothstep(0.58, 0.76, grains.a) * smoothstep(0.2, 0.8, own)
            + ${coated ? '(0.1 + 0.6 * own) * smoothstep(0.45, 0.62, fine.b)' : '0.0'};
          float along = clamp(brown, 0.0, ${BROWNEST.toFixed(1)}) * ${((LEVELS - 1) / LEVELS / BROWNEST).toFixed(6)};
          vec3 food = texture2D(uRamp, vec2(along + ${(0.5 / LEVELS).toFixed(6)}, 0.5)).rgb;
          diffuseColor.rgb = food * (1.0 + 0.12 * high + 0.1 * mid);`,
        )
        .replace(
          '#include <normal_fragment_maps>',
          `#include <normal_fragment_maps>
          {
            float bump = ${coated ? '0.08 * fine.g + 0.05 * fine.b' : '0.035 * fine.g + 0.016 * fine.b + 0.025 * smoothstep(0.2, 1.0, vBrown.w) * smoothstep(0.55, 0.7, grains.a)'};
            vec3 across = dFdx(-vViewPosition), down = dFdy(-vViewPosition);
            vec3 one = cross(down, normal), other = cross(normal, across);
            float det = dot(across, one);
            normal = normalize(abs(det) * normal - sign(det) * (dFdx(bump) * one + dFdy(bump) * other));
          }`,
        )}`;
  };
  material.customProgramCacheKey = () => `food-${coated}`;
  return material;
}
