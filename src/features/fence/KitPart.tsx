/** What a first line would take: counted along the lap, its cost and work, and whom it can hurt. */
import { StyleSheet, View } from 'react-native';
import { firstLine } from '@/core/fence/first-line';
import { lineBays } from '@/core/place/line-bays';
import type { Place } from '@/core/place/place';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { kitText } from '@/words/screens/kit';

const wires = 2;

export function KitPart({ place }: { readonly place: Place }) {
  const kit = firstLine(lineBays(place), wires);
  return (
    <Part title={kitText.title}>
      <Txt kind="strong">{kitText.inAll(place, kit)}</Txt>
      <View role="list" style={styles.lines}>
        {kit.lines.map((line) => (
          <View key={line.part} role="listitem" style={styles.line}>
            <Txt style={styles.grow}>{kitText.line(place, line)}</Txt>
            <Txt tone="ink2">{kitText.cost(place, line.cents)}</Txt>
          </View>
        ))}
      </View>
      <Txt kind="small" tone="ink2">
        {kitText.sums}
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
