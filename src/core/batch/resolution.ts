/** How finely a cook is computed. */
export interface Resolution {
  readonly pieces: number;
  /** odd */
  readonly cells: number;
  /** s */
  readonly step: number;
  /** s, a multiple of step */
  readonly interval: number;
}

/** Resolution of a shown forecast. Source: grid study in docs/model/engineer.md. */
export const STANDARD_RESOLUTION: Resolution = { pieces: 16, cells: 17, step: 5, interval: 20 };

/** For searches and members of ensembles, where a picture is not needed. */
export const COARSE_RESOLUTION: Resolution = { pieces: 10, cells: 17, step: 6, interval: 30 };
