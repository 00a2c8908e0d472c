/** A mend on offer: what it is, what it takes, which figure it meets. */
import { wayText } from '@/words/screens/way';
import { StyleSheet, View } from 'react-native';
import { isFallenShut } from '@/core/effort/reason';
import { meshOf } from '@/core/mends/catalogue/harm';
import type { Proposal } from '@/core/mends/propose';
import type { Place } from '@/core/place/place';
import type { SpotKind } from '@/core/place/spot';
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
  const closure = closureWords(place, proposal);
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
      {closure !== undefined && (
        <Txt kind="small" tone="ink3">
          {closure}
        </Txt>
      )}
      <Button
        look={first ? 'main' : 'plain'}
        label={wayText.chooseThisMend}
        says={wayText.choose(name)}
        onPress={onChoose}
      />
    </View>
  );
}

/** Where a gap or an opening is what is closed. */
const gaps: readonly SpotKind[] = ['ground', 'mesh', 'panel', 'hole', 'edges'];

/** Which figure it is judged by and which it is made to; nothing of what closes no opening (a drive, a roost moved, a frame weighed down). */
function closureWords(
  place: Place,
  { mend, exclusion, meetsStrict, weak }: Proposal,
): string | undefined {
  if (weak.spot.kind === 'dig') return wayText.madeToWhatEachOf;
  if (weak.spot.kind === 'latch') {
    const isFallen = weak.parts.some(({ reason }) => isFallenShut(reason));
    return isFallen ? wayText.catchesByItself : wayText.twoDifferentMotionsAreMore;
  }
  if (!gaps.includes(weak.spot.kind) && meshOf(mend) === undefined) return undefined;
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
