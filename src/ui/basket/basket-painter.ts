import { WebGLRenderer } from 'three';
import type { SettledLoad } from '../../workers/basket/protocol';
import { type BasketScene, createBasketScene, type KindOfPiece, LIGHT_COUNT, type SeenPiece } from './basket-scene';
import { extremesSeen, type PieceLook } from './followed-pieces';

/** What is in the drawer, whatever it looks like. */
export interface DrawerContent {
  /** cm, inside */
  readonly side: number;
  readonly kinds: readonly KindOfPiece[];
  readonly load: SettledLoad;
}

/** A picture that is asked for. */
export interface BasketPicture {
  readonly content: DrawerContent;
  readonly looks: readonly PieceLook[];
  /** size of the pieces over that when raw */
  readonly shrunk: number;
}

/** Scenes kept ready. */
const KEPT = 6;

/** Paints baskets into canvases; one renderer serves them all, as a page may have few. */
export interface BasketPainter {
  /** Paints at once by one light; returns the palest and the darkest piece that can be seen. */
  paint(canvas: HTMLCanvasElement, picture: BasketPicture): readonly (SeenPiece | null)[];
  /** Adds the n-th of the soft lights to a picture that stands still; false when all are in. */
  soften(canvas: HTMLCanvasElement, picture: BasketPicture, n: number): boolean;
}

/** The painter, or null where there is no WebGL. */
export function createBasketPainter(): BasketPainter | null {
  let renderer: WebGLRenderer;
  try {
    renderer = new WebGLRenderer({ antialias: true, alpha: true, preserveDrawingBuffer: true });
  } catch {
    return null;
  }
  renderer.shadowMap.enabled = true;
  const scenes = new Map<DrawerContent, BasketScene>();
  const sceneOf = (content: DrawerContent) => {
    let scene = scenes.get(content);
    if (!scene) {
      scene = createBasketScene(content.side, content.kinds, content.load);
      scenes.set(content, scene);
      if (scenes.size > KEPT) {
        const [oldest, old] = scenes.entries().next().value!;
        scenes.delete(oldest);
        old.dispose();
      }
    }
    return scene;
  };
  const draw = (canvas: HTMLCanvasElement, { content, looks, shrunk }: BasketPicture, light: number) => {
    const scene = sceneOf(content);
    scene.dress(looks, shrunk);
    scene.lightFrom(light);
    if (renderer.domElement.width !== canvas.width) renderer.setSize(canvas.width, canvas.width, false);
    renderer.render(scene.scene, scene.camera);
    const context = canvas.getContext('2d')!;
    context.globalAlpha = 1 / (light + 1);
    context.drawImage(renderer.domElement, 0, 0);
    return scene;
  };
  return {
    paint(canvas, picture) {
      canvas.getContext('2d')!.clearRect(0, 0, canvas.width, canvas.height);
      const scene = draw(canvas, picture, 0);
      return extremesSeen(picture.looks).map((piece) => (piece < 0 ? null : scene.seen(piece)));
    },
    soften(canvas, picture, n) {
      if (n >= LIGHT_COUNT) return false;
      draw(canvas, picture, n);
      return true;
    },
  };
}
