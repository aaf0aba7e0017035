import { WebGLRenderer } from 'three';
import type { SettledLoad } from '../../workers/basket/protocol';
import { type BasketScene, createBasketScene, type KindOfPiece, LIGHT_COUNT, type SeenPiece } from './basket-scene';
import { extremesSeen, type PieceLook } from './followed-pieces';
import { isInBand } from './ring-words';

/** What is in the drawer, whatever it looks like. */
export interface DrawerContent {
  /** cm, inside */
  readonly side: number;
  /** a liner or parchment lies on the grate */
  readonly lined: boolean;
  readonly kinds: readonly KindOfPiece[];
  readonly load: SettledLoad;
}

/** A picture that is asked for. */
export interface BasketPicture {
  readonly content: DrawerContent;
  readonly looks: readonly PieceLook[];
  /** size of the pieces over that when raw */
  readonly shrunk: number;
  /** share of its height that is in view, about the middle */
  readonly band: number;
}

/** A picture that takes longer holds up the page when it moves, ms: three frames of sixty a second. */
const SLOW = 50;

/** Scenes kept ready. */
const KEPT = 6;

/** Paints baskets into canvases; one renderer serves them all, as a page may have few. */
export interface BasketPainter {
  /** whether a picture takes so long here that a moving one is better painted coarsely */
  readonly slow: boolean;
  /**
   * Paints at once by one light; returns the palest and the darkest piece that can be seen.
   * @param moving another picture is likely to follow: where painting is slow, shadows stay as they fell before
   */
  paint(canvas: HTMLCanvasElement, picture: BasketPicture, moving: boolean): readonly (SeenPiece | null)[];
  /** The palest and the darkest piece that can be seen, without painting. */
  extremes(picture: BasketPicture): readonly (SeenPiece | null)[];
  /** Adds the n-th of the soft lights to a picture that stands still; false when all are in. */
  soften(canvas: HTMLCanvasElement, picture: BasketPicture, n: number): boolean;
}

/** The painter, or null where there is no WebGL. */
export function createBasketPainter(): BasketPainter | null {
  let renderer: WebGLRenderer;
  try {
    renderer = new WebGLRenderer({ antialias: false, alpha: true, preserveDrawingBuffer: true });
  } catch {
    return null;
  }
  renderer.shadowMap.enabled = true;
  let took = 0;
  const scenes = new Map<DrawerContent, BasketScene>();
  const sceneOf = (content: DrawerContent) => {
    let scene = scenes.get(content);
    if (!scene) {
      scene = createBasketScene(content.side, content.kinds, content.load, content.lined);
      scenes.set(content, scene);
      if (scenes.size > KEPT) {
        const [oldest, old] = scenes.entries().next().value!;
        scenes.delete(oldest);
        old.dispose();
      }
    }
    return scene;
  };
  let shadow: { readonly content: DrawerContent; readonly light: number } | null = null;
  const draw = (
    canvas: HTMLCanvasElement,
    { content, looks, shrunk }: BasketPicture,
    light: number,
    keepShadow = false,
  ) => {
    const scene = sceneOf(content);
    scene.dress(looks, shrunk);
    scene.lightFrom(light);
    /* each light sees the scene a part of a pixel aside, so that edges are smooth once all are in */
    const { width } = canvas;
    const [right, down] = light === 0 ? [0, 0] : [((light * 0.618) % 1) - 0.5, ((light * 0.755) % 1) - 0.5];
    scene.camera.setViewOffset(width, width, right, down, width, width);
    if (renderer.domElement.width !== canvas.width) renderer.setSize(canvas.width, canvas.width, false);
    renderer.shadowMap.autoUpdate = !(keepShadow && shadow?.content === content && shadow.light === light);
    renderer.render(scene.scene, scene.camera);
    shadow = { content, light };
    const context = canvas.getContext('2d')!;
    context.globalAlpha = 1 / (light + 1);
    context.drawImage(renderer.domElement, 0, 0);
  };
  const extremes = ({ content, looks, band }: BasketPicture) => {
    const scene = sceneOf(content);
    return extremesSeen(looks, (piece) => isInBand(scene.seen(piece).y, band)).map((piece) =>
      piece < 0 ? null : scene.seen(piece),
    );
  };
  return {
    extremes,
    get slow() {
      return took > SLOW;
    },
    paint(canvas, picture, moving) {
      const from = performance.now();
      canvas.getContext('2d')!.clearRect(0, 0, canvas.width, canvas.height);
      const known = scenes.has(picture.content);
      draw(canvas, picture, 0, moving && took > SLOW);
      /* the first picture of a scene also makes it */
      if (known) took = performance.now() - from;
      return extremes(picture);
    },
    soften(canvas, picture, n) {
      if (n >= LIGHT_COUNT) return false;
      const from = performance.now();
      draw(canvas, picture, n);
      took = performance.now() - from;
      return true;
    },
  };
}
