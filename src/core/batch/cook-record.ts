import type { Preparation } from '../prep/prepare-batch';

/** What a simulated cook did, sampled at equal times from 0 on. Arrays are [sample][…] flat. */
export interface CookRecord {
  /** s between samples */
  readonly interval: number;
  readonly samples: number;
  readonly pieces: number;
  /** which part each piece belongs to: 0 loaded first, then as added; see `planParts` */
  readonly part: Uint8Array;
  /** browning of each face, [sample][2 · piece + face] */
  readonly browning: Float32Array;
  /** glassy depth over that needed for the wished bite, mean of both faces, [sample][piece] */
  readonly crispness: Float32Array;
  /** share of the softening needed at the centre, 0–1, [sample][piece] */
  readonly softness: Float32Array;
  /** where each piece lies, 0 on top, [sample][piece] */
  readonly place: Uint16Array;
  /** the place of the floor that each piece lies over, see `PLACES`; 0 where none are told apart, [sample][piece] */
  readonly over: Uint8Array;
  /** how far face 0 looks up: 2 up, 0 down, 1 when the piece lies on its side, [sample][piece] */
  readonly faceUp: Uint8Array;
  /** 1 while a piece is in the basket, [sample][piece] */
  readonly inBasket: Uint8Array;
  /** dose at the heart over that which softens it, mean of what was loaded first, without limit, [sample] */
  readonly softening: Float32Array;
  /** m, glassy depth of the mean face, [sample] */
  readonly crustDepth: Float32Array;
  /** K at the thermal centre, mean, [sample] */
  readonly centreTemperature: Float32Array;
  /** kg/kg dry basis, mean, [sample] */
  readonly moisture: Float32Array;
  /** share of all the water that was in and on the pieces put in so far which has left as steam, 0–1, [sample] */
  readonly waterLost: Float32Array;
  /** kg that a scale would show of the food in the basket, [sample] */
  readonly weight: Float32Array;
  /** K, [sample] */
  readonly airTemperature: Float32Array;
  /** share of heater power drawn, mean over the interval, [sample] */
  readonly power: Float32Array;
  /** J drawn, preheat included */
  readonly energy: number;
  /** how preparation left the pieces that were loaded first */
  readonly prepared: Preparation;
  /** times a piece ran dry within a step and steam was taken back; 0 but for thin leaves */
  readonly repairs: number;
  /** heat solves taken as they stood at the pass limit, of all pieces and steps */
  readonly unsettled: number;
}
