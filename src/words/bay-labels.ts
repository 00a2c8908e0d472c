/** What a bay is made of, as short as it can be written on its drawing; nothing of what nobody has read. */
import type { AttributeId } from '@/core/attributes';
import type { Bay } from '@/core/place/bay';
import type { Place } from '@/core/place/place';
import { isKnown, type PossibleAmount, type PossibleChoice } from '@/core/place/possible';
import { answerWords } from './attributes';
import { lengthWords } from './length-words';
import { stopText } from './screens/stop';

/** Words written over a part of the drawing. */
export interface BayLabels {
  /** By band, from below: mesh upon mesh; the highest says how it is fixed. */
  readonly bands: readonly { readonly id: string; readonly label: string }[];
  /** The ground, and the skirt in it. */
  readonly ground: string;
}

export function bayLabels(place: Place, bay: Bay): BayLabels {
  const says = (id: AttributeId, value: PossibleChoice<string> | undefined): string[] =>
    isKnown<string>(value) ? [answerWords(place, id, value.is)[0]] : [];
  const fixing = says('bay.fixing', bay.fixing);
  const bands = bay.bands.map(({ id, layers }, at) => {
    const meshes = new Set(layers.flatMap(({ mesh }) => says('layer.mesh', mesh)));
    const parts = [[...meshes].join(' + '), ...(at === bay.bands.length - 1 ? fixing : [])];
    return { id, label: parts.filter((it) => it !== '').join(', ') };
  });
  const below = [...says('ground.soil', bay.ground?.soil), ...skirtLabel(place, bay)];
  return { bands: bands.filter(({ label }) => label !== ''), ground: below.join(', ') };
}

function skirtLabel({ units }: Place, { ground }: Bay): string[] {
  const mm = (amount: PossibleAmount | undefined) => (isKnown<number>(amount) ? amount.is : 0);
  const [depth, outward] = [mm(ground?.skirt?.depth), mm(ground?.skirt?.outward)];
  if (depth + outward === 0) return [];
  return [
    stopText.skirt(lengthWords(depth, units), outward > 0 ? lengthWords(outward, units) : ''),
  ];
}
