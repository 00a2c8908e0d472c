/** What would put the circuit right: each with what it takes, one tap from the list of mends. */
import { StyleSheet, View } from 'react-native';
import { circuitProposals } from '@/core/mends/line-proposals';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { amountWords, mendWords } from '@/words/mend-words';
import { kitText } from '@/words/screens/kit';
import { MendOffer } from './MendOffer';

interface Props {
  readonly place: Place;
  readonly mends: readonly Mend[];
  /** The battery has few nights left, by what was drawn since it was read. */
  readonly isUsedUp: boolean;
}

/** Nothing where nothing is wanting. */
export function CircuitPart({ place, mends, isUsedUp }: Props) {
  const proposals = circuitProposals(place, isUsedUp);
  if (proposals.length === 0) return null;
  return (
    <Part title={kitText.toPutRight}>
      {proposals.map((proposal) => {
        const { mend, weak } = proposal;
        const takes = mend.takes(weak).map((it) => amountWords(place, it));
        return (
          <View key={mend.kind} style={styles.mend}>
            <Txt kind="strong">{mendWords[mend.kind].name}</Txt>
            <Txt tone="ink2">{kitText.takes(takes, mend.time(weak).value)}</Txt>
            <MendOffer proposal={proposal} mends={mends} />
          </View>
        );
      })}
    </Part>
  );
}

const styles = StyleSheet.create({ mend: { gap: space.s, paddingBottom: space.m } });
