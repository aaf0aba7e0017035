import { useEffect, useMemo, useState } from 'react';
import type { Plan } from '../../core/plan/plan';
import type { DrawerLoad, SettledLoad } from '../../workers/basket/protocol';
import type { BasketPainter, DrawerContent } from './basket-painter';
import { cutToSize, drawerLoad, kindsOfPieces, liesLike } from './drawer-load';

/** Contents kept ready. */
const KEPT = 8;

/** Rest of a lever before pieces are let fall anew, ms. */
const REST = 250;

let painting: Promise<BasketPainter | null> | null = null;

/** The page's one painter, loaded late; null where there is no WebGL. */
function loadPainter(): Promise<BasketPainter | null> {
  painting ??= document.createElement('canvas').getContext('webgl2')
    ? import('./basket-painter').then(({ createBasketPainter }) => createBasketPainter())
    : Promise.resolve(null);
  return painting;
}

const contents = new Map<string, DrawerContent>();

/** The content of this key, the same for all pictures of it, so that they share what is painted. */
function contentOf(key: string, make: () => DrawerContent): DrawerContent {
  const content = contents.get(key) ?? make();
  contents.delete(key);
  contents.set(key, content);
  if (contents.size > KEPT) contents.delete(contents.keys().next().value!);
  return content;
}

/** The settled load of a plan and who paints it; null until both are there, and where they cannot be. */
export function useDrawerContent(plan: Plan): { painter: BasketPainter; content: DrawerContent } | null {
  const wanted = useMemo(() => JSON.stringify(drawerLoad(plan)), [plan]);
  const looks = useMemo(() => JSON.stringify(kindsOfPieces(plan)), [plan]);
  const { liner: lined } = plan.fryer;
  const [settled, setSettled] = useState<{ of: string; load: SettledLoad; painter: BasketPainter } | null>(null);
  const isFirst = settled === null;
  useEffect(() => {
    let left = false;
    const settle = async () => {
      const painter = await loadPainter();
      if (!painter || left) return;
      const { settledLoad } = await import('../../workers/basket/client');
      const load = await settledLoad(JSON.parse(wanted) as DrawerLoad);
      if (!left) setSettled({ of: wanted, load, painter });
    };
    /* without it the drawer stays as it is drawn */
    const timer = setTimeout(() => void settle().catch(() => undefined), isFirst ? 0 : REST);
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, [wanted, isFirst]);
  return useMemo(() => {
    if (!settled) return null;
    const [load, before] = [JSON.parse(wanted) as DrawerLoad, JSON.parse(settled.of) as DrawerLoad];
    /* a drawer or a shape that is new waits for its own poses */
    if (!liesLike(load, before)) return null;
    const content = contentOf(`${wanted}${looks}${settled.of}${lined}`, () => ({
      side: load.side / 10,
      lined,
      kinds: JSON.parse(looks) as DrawerContent['kinds'],
      load: settled.of === wanted ? settled.load : cutToSize(settled.load, load),
    }));
    return { painter: settled.painter, content };
  }, [settled, wanted, looks, lined]);
}
