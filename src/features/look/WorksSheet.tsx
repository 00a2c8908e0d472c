/** Where mends go: their walls on the plan, each with its number in the list beside it. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BayId } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import type { Judgement } from '@/core/score/judge';
import { useRouterHere } from '@/features/frame/use-router-here';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { forWhat } from '@/words/shop-words';
import { LapSheet } from './LapSheet';
import { SitePlanSheet } from './SitePlanSheet';

interface Props {
  readonly judgement: Judgement;
  readonly mends: readonly Mend[];
  readonly day: string;
  /** Read out for the drawings. */
  readonly says: string;
}

export function WorksSheet({ judgement, mends, day, says }: Props) {
  const router = useRouterHere();
  const guess = usePageWidth('full') / 2;
  const works = useMemo(() => numbersOf(mends), [mends]);
  const { marks, whereabouts, found } = judgement;
  const drawn = {
    place: found.place,
    marks: useMemo(() => new Map([...marks].filter(([bay]) => works.has(bay))), [marks, works]),
    ways: [],
    selected: undefined,
    onSelect: (item: string) => router.push({ pathname: '/item/[item]', params: { item } }),
    guess,
    works,
  };
  return (
    <View role="group" aria-label={says}>
      <SitePlanSheet {...drawn} whereabouts={whereabouts} tallest={320} />
      <LapSheet {...drawn} day={day} whole />
      <View style={styles.list}>
        {mends.map(({ id }, index) => (
          <Txt key={id} tone="ink2">
            <Txt kind="label">{index + 1}</Txt> {forWhat(found.place, mends, [id])}
          </Txt>
        ))}
      </View>
    </View>
  );
}

/** Mends in one bay share a tag. */
export function numbersOf(mends: readonly Mend[]): ReadonlyMap<BayId, string> {
  const numbers = new Map<string, string>();
  mends.forEach(({ bay }, index) => {
    const before = numbers.get(bay);
    numbers.set(bay, before ? `${before}+${index + 1}` : String(index + 1));
  });
  return numbers;
}

const styles = StyleSheet.create({
  list: { padding: space.l, gap: space.xs, backgroundColor: color.paper },
});
