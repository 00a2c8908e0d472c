/** By which way it came, best first, and the walk that looks there first. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import type { Inquiry } from '@/core/signs/inquiry';
import { isAnimal } from '@/core/signs/suspicion';
import { useRouterHere } from '@/features/frame/use-router-here';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { notSavedWords } from '@/words/not-saved-words';
import { happenedText } from '@/words/screens/happened';

interface Props {
  /** As found. */
  readonly place: Place;
  readonly inquiry: Inquiry;
}

const few = 5;
/** So many walls are looked at first. */
const mostLooked = 5;

export function WaysPart({ place, inquiry: { ways, look } }: Props) {
  const router = useRouterHere();
  const { beginWalk } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const shown = ways.filter(({ culprit }) => isAnimal(culprit)).slice(0, few);
  const bays = look.slice(0, mostLooked);
  const walk = () =>
    void beginWalk({ purpose: 'loss', ...(bays.length > 0 && { bays }) }).then(
      () => router.push('/walk'),
      (error: unknown) => setTrouble(notSavedWords(error)),
    );
  return (
    <Part title={happenedText.byWhichWay}>
      <View style={styles.rows}>
        {shown.map((it) =>
          it.way ? (
            <LinkRow
              key={`${it.culprit} ${it.way.bay}`}
              href={{ pathname: '/item/[item]', params: { item: it.way.bay } }}
              says={`${happenedText.way(place, it)}: ${happenedText.wayOf(it)}`}
            >
              <Txt kind="strong">{happenedText.way(place, it)}</Txt>
              <Txt tone="ink2">{happenedText.wayOf(it)}</Txt>
            </LinkRow>
          ) : (
            <View key={`${it.culprit} ${it.isInTheOpen}`} style={styles.row}>
              <Txt kind="strong">{happenedText.way(place, it)}</Txt>
              <Txt tone="ink2">{happenedText.wayOf(it)}</Txt>
            </View>
          ),
        )}
      </View>
      <Txt>{bays.length > 0 ? happenedText.lookFirst(place, bays) : happenedText.noWay}</Txt>
      {trouble && <Notice>{trouble}</Notice>}
      <Button
        label={
          bays.length > 0
            ? happenedText.walkInThisOrder(bays.length)
            : happenedText.readWhatIsUnread
        }
        onPress={walk}
      />
      <View style={styles.rows}>
        <LinkRow href="/mends/plan" says={happenedText.mends}>
          <Txt kind="strong" tone="holds">
            {happenedText.mends}
          </Txt>
        </LinkRow>
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  rows: { marginHorizontal: -space.l },
  row: { paddingHorizontal: space.l, paddingVertical: space.s, gap: 2 },
});
