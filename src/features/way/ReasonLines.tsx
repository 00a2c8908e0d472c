/** Reading against figure; where each figure comes from is one tap away. */
import { wayText } from '@/words/screens/way';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { PartEffort } from '@/core/effort/reason';
import { attributeKey, type FoundPlace } from '@/core/records/apply-readings';
import type { Figure } from '@/core/tables/figure';
import { sources } from '@/core/tables/sources';
import type { Units } from '@/core/place/place';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { lengthWords } from '@/words/length-words';
import { markNames } from '@/words/names';
import { foundWords, reasonWords } from '@/words/reason-words';

interface Props {
  readonly found: FoundPlace;
  /** Widest first: the widest reading at the spot is the one that decides. */
  readonly parts: readonly PartEffort[];
  /** Sources are shown at once. */
  readonly open?: boolean;
}

export function ReasonLines({ found, parts, open = false }: Props) {
  const [shown, setShown] = useState(open);
  const perAnimal = parts.filter(
    (part, index) => parts.findIndex((it) => it.animal === part.animal) === index,
  );
  // A door that stands open does so for all of them.
  const sentences = [...new Set(perAnimal.map((part) => reasonWords(found.place, part)))];
  const here = parts[0] && foundWords(found.place, parts[0]);
  return (
    <View>
      {here && <Txt>{here}</Txt>}
      {sentences.map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <Pressable
        role="button"
        aria-expanded={shown}
        onPress={() => setShown(!shown)}
        style={styles.toggle}
      >
        <Txt kind="small" tone="holds">
          {shown ? wayText.hideWhereThisComesFrom : wayText.whereThisComesFrom}
        </Txt>
      </Pressable>
      {shown && <SourceLines found={found} parts={perAnimal} />}
    </View>
  );
}

interface SourceProps {
  readonly found: FoundPlace;
  readonly parts: readonly PartEffort[];
  /** What decides has not been read: only the figures are said. */
  readonly unread?: boolean;
}

/** Each animal's figure with its source and mark, and where the reading comes from. */
export function SourceLines({ found, parts, unread = false }: SourceProps) {
  return (
    <View style={styles.sources}>
      {parts.map((part) => (
        <Source key={part.animal} found={found} part={part} unread={unread} />
      ))}
    </View>
  );
}

interface OneSource {
  readonly found: FoundPlace;
  readonly part: PartEffort;
  readonly unread: boolean;
}

function Source({ found, part, unread }: OneSource) {
  const { reason } = part;
  const figure = figureOf(reason);
  return (
    <Txt kind="small" tone="ink2">
      {unread ? wayText.notReadYet : readingWords(found, part)}
      {figure
        ? ` ${animalName(part.animal)}, ${figureWords(figure, found.place.units)}: ${markNames[figure.mark]}; ${sources[figure.source]}. ${figure.note ?? ''}`
        : wayText.whatItDoesWithDoors}
    </Txt>
  );
}

function figureOf(reason: PartEffort['reason']): Figure | undefined {
  switch (reason.kind) {
    case 'opening':
    case 'reach':
      return reason.used;
    case 'dig': {
      const { depth, outward } = reason.enough;
      return outward.value > 0 ? outward : depth;
    }
    case 'tear':
    case 'timber':
      return reason.figure;
    case 'over':
      return reason.enough?.height ?? reason.leap;
    case 'lift':
      return reason.force;
    default:
      return undefined;
  }
}

function figureWords({ value, unit }: Figure, units: Units): string {
  if (unit === 'mm') return lengthWords(value, units);
  return unit === 'class' ? wayText.strengthClass(value) : `${value} ${unit}`;
}

function readingWords(found: FoundPlace, part: PartEffort): string {
  if (!part.attribute) return '';
  const from = found.provenance.get(attributeKey(part.item, part.attribute));
  return from ? wayText.read(from.walk.date, from.reading.how) : wayText.fromTheDescription;
}

const styles = StyleSheet.create({
  toggle: { minHeight: 40, justifyContent: 'center' },
  sources: { gap: space.s, paddingBottom: space.s },
});
