/** What keeps something out tonight, kept apart from the lasting mends. */
import { planText } from '@/words/screens/plan';
import { View } from 'react-native';
import type { Stopgap } from '@/core/mends/plan/for-tonight';
import type { Place } from '@/core/place/place';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { mendWords } from '@/words/mend-words';
import { mendTitle, timeWords } from '@/words/plan-words';

export function TonightPart({
  place,
  stopgaps,
}: {
  readonly place: Place;
  readonly stopgaps: readonly Stopgap[];
}) {
  if (stopgaps.length === 0) return null;
  return (
    <Part title={planText.forTonight}>
      <Txt tone="ink2">{planText.untilALastingMendIs}</Txt>
      {stopgaps.map(({ mend, minutes }) => (
        <View key={`${mend.kind} ${mend.spot.kind} ${mend.spot.item}`}>
          <Txt kind="strong">
            {mendTitle(place, mend)}: {timeWords(minutes)}
          </Txt>
          {mend.kind !== 'own' && <Txt tone="ink2">{mendWords[mend.kind].steps.join(' ')}</Txt>}
        </View>
      ))}
    </Part>
  );
}
