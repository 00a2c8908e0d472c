/** What a first line would take: counted along the lap, its cost and work, and whom it can hurt. */
import { StyleSheet, View } from 'react-native';
import { firstLine } from '@/core/fence/first-line';
import { lineBays } from '@/core/place/line-bays';
import { heightsOfFirst } from '@/core/mends/catalogue/first-line';
import { firstLineProposal } from '@/core/mends/line-proposals';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { kitText } from '@/words/screens/kit';
import { MendOffer } from './MendOffer';

/** Against what lives here; two where nothing on foot minds one. */
const usualWires = 2;

interface Props {
  readonly place: Place;
  readonly mends: readonly Mend[];
}

export function KitPart({ place, mends }: Props) {
  const proposal = firstLineProposal(place);
  const heights = proposal ? heightsOfFirst(proposal.weak.letsBy) : [];
  const wires = heights.length || usualWires;
  const kit = firstLine(lineBays(place), wires);
  return (
    <Part title={kitText.title(wires)}>
      <Txt kind="strong">{kitText.inAll(place, kit, heights)}</Txt>
      {proposal && <MendOffer proposal={proposal} mends={mends} />}
      <View role="list" style={styles.lines}>
        {kit.lines.map((line) => (
          <View key={line.part} role="listitem" style={styles.line}>
            <Txt style={styles.grow}>{kitText.line(place, line)}</Txt>
            <Txt tone="ink2">{kitText.cost(place, line.cents)}</Txt>
          </View>
        ))}
      </View>
      <Txt kind="small" tone="ink2">
        {kitText.sums(wires)}
      </Txt>
      <Txt>{kitText.harms}</Txt>
    </Part>
  );
}

const styles = StyleSheet.create({
  lines: { gap: space.xs },
  line: { flexDirection: 'row', gap: space.m },
  grow: { flex: 1 },
});
