import { bustierBodice } from './bustier-bodice.ts';
import { fittedDress } from './fitted-dress.ts';
import { plainBodice } from './plain-bodice.ts';
import { tubeTop } from './tube-top.ts';
import { waistcoat } from './waistcoat.ts';
import { turtleneckBodice } from './turtleneck-bodice.ts';
import { turtleneckFlareDress } from './turtleneck-flare-dress.ts';
import { bandedOffShoulderTop } from './banded-off-shoulder-top.ts';
import { halterBodice } from './halter-bodice.ts';
import { surpliceCropTop } from './surplice-crop-top.ts';
import { yokeBlouse } from './yoke-blouse.ts';
import { flareBlouse } from './flare-blouse.ts';
import { netVBlouse } from './net-v-blouse.ts';
import { keyholeShirtBodice } from './keyhole-shirt-bodice.ts';
import { childCrossedNetGown } from './child-crossed-net-gown.ts';
import { oneShoulderRuchedGown } from './one-shoulder-ruched-gown.ts';
import { oneShoulderTop } from './one-shoulder-top.ts';
import { circleSkirt } from './circle-skirt.ts';
import { pencilSkirt } from './pencil-skirt.ts';
import { gatheredSkirt } from './gathered-skirt.ts';
import { bustierPencilGown } from './bustier-pencil-gown.ts';
import { capeStyle } from './cape.ts';
import { doublePeplumTop } from './double-peplum-top.ts';
import { offShoulderFlounceDress } from './off-shoulder-flounce-dress.ts';
import { offShoulderJumpsuit } from './off-shoulder-jumpsuit.ts';
import { halterTieredDress } from './halter-tiered-dress.ts';
import { lacedTubeFlareDress } from './laced-tube-flare-dress.ts';
import { customShirt } from './custom-shirt.ts';
import { panelTunic } from './panel-tunic.ts';
import { tunicDress } from './tunic-dress.ts';
import { trousersStyle } from './trousers.ts';
import type { Style } from './style.ts';

/** The styles that the shop can draft, by id; their recipes are in the recipe book. */
export const styleBook: { readonly [id: string]: Style } = {
  [fittedDress.id]: fittedDress,
  [plainBodice.id]: plainBodice,
  [bustierBodice.id]: bustierBodice,
  [tubeTop.id]: tubeTop,
  [waistcoat.id]: waistcoat,
  [turtleneckBodice.id]: turtleneckBodice,
  [turtleneckFlareDress.id]: turtleneckFlareDress,
  [bandedOffShoulderTop.id]: bandedOffShoulderTop,
  [halterBodice.id]: halterBodice,
  [surpliceCropTop.id]: surpliceCropTop,
  [yokeBlouse.id]: yokeBlouse,
  [netVBlouse.id]: netVBlouse,
  [flareBlouse.id]: flareBlouse,
  [keyholeShirtBodice.id]: keyholeShirtBodice,
  [oneShoulderTop.id]: oneShoulderTop,
  [childCrossedNetGown.id]: childCrossedNetGown,
  [oneShoulderRuchedGown.id]: oneShoulderRuchedGown,
  [circleSkirt.id]: circleSkirt,
  [pencilSkirt.id]: pencilSkirt,
  [gatheredSkirt.id]: gatheredSkirt,
  [trousersStyle.id]: trousersStyle,
  [offShoulderJumpsuit.id]: offShoulderJumpsuit,
  [bustierPencilGown.id]: bustierPencilGown,
  [offShoulderFlounceDress.id]: offShoulderFlounceDress,
  [doublePeplumTop.id]: doublePeplumTop,
  [capeStyle.id]: capeStyle,
  [lacedTubeFlareDress.id]: lacedTubeFlareDress,
  [halterTieredDress.id]: halterTieredDress,
  [tunicDress.id]: tunicDress,
  [panelTunic.id]: panelTunic,
  [customShirt.id]: customShirt,
};

export const styleOf = (id: string): Style | undefined =>
  Object.hasOwn(styleBook, id) ? styleBook[id] : undefined;

/** The style of the book on a bodice that adds least to it; undefined for one that no style is made on. */
export const plainestOn = (bodice: string): Style | undefined =>
  Object.values(styleBook)
    .filter(({ parts }) => parts.bodice === bodice)
    .sort((a, b) => Object.keys(a.parts).length - Object.keys(b.parts).length)[0];
