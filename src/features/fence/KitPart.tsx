/** What a first line would take: counted along the lap, its cost and work, and whom it can hurt. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { firstLine } from '@/core/fence/first-line';
import { lineBays } from '@/core/place/line-bays';
import { heightsOfFirst } from '@/core/mends/catalogue/first-line';
import { firstLineProposal } from '@/core/mends/first-line-proposal';
import type { Proposal } from '@/core/mends/propose';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import { useRouterHere } from '@/features/frame/use-router-here';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { mendStateWords } from '@/words/mend-words';
import { notSavedWords } from '@/words/not-saved-words';
import { kitText } from '@/words/screens/kit';

/** Against what lives here; two where nothing on foot minds one. */
const usualWires = 2;

interface Props {
  readonly place: Place;
  readonly mends: readonly Mend[];
}

export function KitPart({ place, mends }: Props) {
  const router = useRouterHere();
  const { planMend } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const proposal = firstLineProposal(place);
  const heights = proposal ? heightsOfFirst(proposal.weak.letsBy) : [];
  const wires = heights.length || usualWires;
  const kit = firstLine(lineBays(place), wires);
  const inHand = mends.find(({ kind, state }) => kind === 'first-line' && state !== 'held');
  const plan = (it: Proposal) => {
    planMend(it)
      .then((id) => router.push({ pathname: '/mends/[id]', params: { id } }))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Part title={kitText.title(wires)}>
      <Txt kind="strong">{kitText.inAll(place, kit, heights)}</Txt>
      {trouble && <Notice>{trouble}</Notice>}
      {inHand ? (
        <LinkRow
          href={{ pathname: '/mends/[id]', params: { id: inHand.id } }}
          says={kitText.onTheList(mendStateWords[inHand.state])}
        >
          <Txt kind="strong" tone="holds">
            {kitText.onTheList(mendStateWords[inHand.state])}
          </Txt>
        </LinkRow>
      ) : (
        proposal && <Button label={kitText.plan} onPress={() => plan(proposal)} />
      )}
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
