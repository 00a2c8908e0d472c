/** The yard by keyboard: a scenario by its number, bay after bay along the lap, and into the one that is marked. */
import { yardText } from '@/words/screens/yard';
import { useRouter } from 'expo-router';
import { useMemo, type Dispatch, type SetStateAction } from 'react';
import { lapOf } from '@/core/place/lap';
import type { BayId } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import { scenarios } from '@/core/score/scenario';
import { useKeys } from '@/features/frame/use-keys';
import { lookParams, type Look } from '@/features/look/use-look';

/** As they are listed under the yard. */
export const yardKeys: readonly (readonly [key: string, does: string])[] = [
  ['1 to 4', 'scenario'],
  ['← →', yardText.bayBeforeBayAfter],
  ['i', yardText.whoGetsByTheBay],
  ['w', 'walk'],
  [yardText.esc, yardText.noBayMarked],
  [yardText.ctrlZ, yardText.whatWasChangedLastIs],
];

interface Yard {
  readonly judgement: Judgement;
  readonly look: Look;
  readonly selected: BayId | undefined;
  readonly onSelect: Dispatch<SetStateAction<BayId | undefined>>;
}

export function useYardKeys({ judgement, look, selected, onSelect }: Yard): void {
  const router = useRouter();
  const { place } = judgement.found;
  const keys = useMemo(() => {
    const bays = lapOf(place).bays.map(({ bay }) => bay.id);
    // From the bay that is marked by then: keys come faster than the screen is drawn.
    const step = (by: 1 | -1) => () =>
      onSelect((marked) => {
        const at = marked === undefined ? -1 : bays.indexOf(marked);
        const next =
          at < 0 ? (by === 1 ? 0 : bays.length - 1) : (at + by + bays.length) % bays.length;
        return bays[next];
      });
    const toScenario = scenarios.map((scenario, index) => [
      String(index + 1),
      () => router.push({ pathname: '/', params: lookParams({ ...look, scenario }) }),
    ]);
    return {
      ...(Object.fromEntries(toScenario) as Record<string, () => void>),
      ArrowRight: step(1),
      ArrowLeft: step(-1),
      Escape: () => onSelect(undefined),
      w: () => router.push('/walk'),
      i: () => {
        if (selected === undefined) return;
        const params = { item: selected, ...lookParams(look) };
        router.push({ pathname: '/item/[item]', params });
      },
    };
  }, [place, look, selected, onSelect, router]);
  useKeys(keys);
}
