/** Other names by which cooks know a food; all that is typed is held against them too. */
export const OTHER_NAMES: Readonly<Record<string, readonly string[]>> = {
  'potato-floury': ['fries', 'chips', 'baking potato', 'mealy potato'],
  'potato-waxy': ['salad potato', 'new potato', 'fries'],
  'sweet-potato': ['kumara', 'batata'],
  celeriac: ['celery root', 'knob celery'],
  beetroot: ['beet', 'red beet'],
  swede: ['rutabaga', 'neep', 'yellow turnip'],
  turnip: ['white turnip'],
  kohlrabi: ['turnip cabbage'],
  'jerusalem-artichoke': ['sunchoke', 'topinambour'],
  cassava: ['manioc', 'yuca'],
  taro: ['dasheen', 'eddo'],
  'plantain-green': ['cooking banana'],
  'plantain-ripe': ['cooking banana', 'sweet plantain'],
  courgette: ['zucchini', 'marrow'],
  aubergine: ['eggplant', 'brinjal'],
  pumpkin: ['winter squash', 'butternut'],
  'brussels-sprout': ['sprouts'],
  'green-bean': ['French bean', 'string bean', 'runner bean'],
  okra: ['lady’s fingers', 'bhindi'],
  onion: ['onion rings'],
  mushroom: ['button mushroom', 'champignon'],
  kale: ['curly kale', 'borecole'],
  'tofu-firm': ['bean curd'],
  'tofu-extra-firm': ['bean curd'],
  'tofu-smoked': ['smoked bean curd'],
  paneer: ['fresh cheese'],
  halloumi: ['grilling cheese'],
  'chickpea-cooked': ['garbanzo', 'chana'],
  'pasta-cooked': ['noodles', 'macaroni'],
  'mash-formed': ['croquettes', 'potato shapes'],
  'fish-fillet-crumbed': ['fish fingers', 'fish sticks'],
  'chicken-breast-crumbed': ['chicken strips', 'schnitzel', 'nuggets'],
};

/** How well what was typed fits a food: 0 not at all, more for its own name and for the beginning of a word. */
export function nameFit(typed: string, food: { readonly id: string; readonly name: string }): number {
  const wanted = typed.trim().toLowerCase();
  if (wanted === '') return 1;
  const fit = (name: string, weight: number) => {
    const at = ` ${name.toLowerCase()}`.indexOf(` ${wanted}`);
    if (at >= 0) return weight + (at === 0 ? 1 : 0);
    return name.toLowerCase().includes(wanted) ? weight / 4 : 0;
  };
  return Math.max(fit(food.name, 4), ...(OTHER_NAMES[food.id] ?? []).map((name) => fit(name, 2)));
}
