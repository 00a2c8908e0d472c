/** A mend on offer: what it is, what it takes, which figure it meets. */
import { wayText } from '@/words/screens/way';
import { StyleSheet, View } from 'react-native';
import type { Proposal } from '@/core/mends/propose';
import type { Place } from '@/core/place/place';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import { amountWords, mendWords } from '@/words/mend-words';
import { animalNames } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly proposal: Proposal;
  readonly onChoose: () => void;
  /** The one we would take. */
  readonly first: boolean;
}

export function ProposalRow({ place, proposal, onChoose, first }: Props) {
  const { mend, weak } = proposal;
  const { name } = mendWords[mend.kind];
  return (
    <View style={styles.row}>
      <Txt kind="strong">{wayText.named(name, mend.term === 'tonight')}</Txt>
      <Txt tone="ink2">
        {wayText.aboutMin(
          mend
            .takes(weak)
            .map((amount) => amountWords(place, amount))
            .join('; '),
          mend.time(weak).value,
        )}
      </Txt>
      <Txt kind="small" tone="ink3">
        {closureWords(place, proposal)}
      </Txt>
      <Button
        look={first ? 'main' : 'plain'}
        label={wayText.chooseThisMend}
        says={wayText.choose(name)}
        onPress={onChoose}
      />
    </View>
  );
}

/** Which figure it is judged by and which it is made to. */
export function closureWords(place: Place, { exclusion, meetsStrict, weak }: Proposal): string {
  if (weak.spot.kind === 'dig') return wayText.madeToWhatEachOf;
  if (weak.spot.kind === 'latch') return wayText.twoDifferentMotionsAreMore;
  const used = lengthWords(exclusion.used, place.units);
  const strict = lengthWords(exclusion.strict, place.units);
  const [animal] = animalNames[exclusion.animal];
  if (exclusion.used === exclusion.strict) return wayText.makeItOrLess(used, animal);
  return meetsStrict
    ? wayText.makeItOrLessThe(strict, used, animal)
    : wayText.meetsByWhichItIs(used, animal, strict);
}

const styles = StyleSheet.create({
  row: { gap: space.xs, paddingTop: space.m, borderTopWidth: 1, borderTopColor: color.hairline },
});
