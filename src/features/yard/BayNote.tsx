/** What is to be said of the bay that was touched. */
import { yardText } from '@/words/screens/yard';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { weakSpots } from '@/core/mends/spots';
import { findBay } from '@/core/place/find';
import type { BayId } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import { questionsOf } from '@/core/walk/questions';
import { lookParams, type Look } from '@/features/look/use-look';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { lineCode } from '@/ui/theme/line-code';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { capital } from '@/words/names';
import { spotWords } from '@/words/spot-words';

export function BayNote({
  judgement,
  bay,
  look,
}: {
  readonly judgement: Judgement;
  readonly bay: BayId;
  readonly look: Look;
}) {
  const router = useRouter();
  const wide = useWide();
  const { place } = judgement.found;
  const found = findBay(place, bay);
  if (!found) return null;
  const questions = questionsOf(place).filter((it) => it.bay === bay);
  const unread = questions.filter((it) => !it.answered).length;
  const spots = weakSpots(place, found.bay, judgement.when);
  const first = questions.find((it) => !it.answered) ?? questions[0];
  const mark = judgement.marks.get(bay) ?? 'unread';
  return (
    <View style={styles.note}>
      <Txt kind="sub" live>
        {capital(found.bay.name)}: {lineCode[mark].name}
      </Txt>
      {spots.map(({ spot, letsBy, parts }) => (
        <Txt key={`${spot.kind} ${spot.item}`} tone="ink2">
          {yardText.letsBy(letsBy, parts[0] && spotWords(place, parts[0]), mark === 'holds')}
        </Txt>
      ))}
      {spots.length === 0 && (
        <Txt tone="ink2">
          {unread === 0 ? yardText.nothingThatLivesHereGets : yardText.nothingReadSoFarLets(unread)}
        </Txt>
      )}
      <View style={[styles.ways, wide && styles.beside]}>
        <Button
          look="plain"
          label={yardText.whoGetsByAndWhy(found.bay.name)}
          onPress={() =>
            router.push({ pathname: '/item/[item]', params: { item: bay, ...lookParams(look) } })
          }
        />
        {first && (
          <Button
            look="plain"
            label={yardText.walk(found.bay.name)}
            onPress={() =>
              router.push({ pathname: '/walk/[question]', params: { question: first.id } })
            }
          />
        )}
        <Button
          look="plain"
          label={yardText.change(found.bay.name)}
          onPress={() => router.push({ pathname: '/bay/[bay]', params: { bay } })}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  ways: { gap: space.s },
  beside: { flexDirection: 'row', flexWrap: 'wrap' },
  note: {
    padding: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
});
