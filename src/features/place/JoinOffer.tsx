/** A file of a place that is here and says something else: joined, kept beside it, or opened instead of it. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Side } from '@/core/join/join-places';
import type { Place } from '@/core/place/place';
import type { PlacePart } from '@/core/place/versions';
import type { Chosen } from '@/store/join-file';
import type { IsHere, WhenHere } from '@/store/open-file';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { BarePlan } from '@/ui/drawings/BarePlan';
import { space } from '@/ui/theme/tokens';
import { isHereSentence } from '@/words/file-sentence';
import { cameSentence, partNames, partState } from '@/words/join-words';
import { placeText } from '@/words/screens/place';

interface Props {
  readonly isHere: IsHere['isHere'];
  readonly onSay: (whenHere: WhenHere) => void;
  readonly onLeave: () => void;
}

export function JoinOffer({ isHere, onSay, onLeave }: Props) {
  const { ahead } = isHere;
  const [chosen, setChosen] = useState<Chosen>({});
  const isSaid = !ahead || ahead.clashes.every((part) => chosen[part] !== undefined);
  return (
    <View role="group" aria-label={placeText.itIsHereAlready} style={styles.box}>
      <Notice tone="hours">{isHereSentence(isHere)}</Notice>
      {ahead && (
        <>
          <Txt>{cameSentence(ahead.came, 'ahead')}</Txt>
          {ahead.clashes.map((part) => (
            <PartChoice
              key={part}
              part={part}
              here={ahead.here}
              there={ahead.there}
              value={chosen[part]}
              onChange={(side) => setChosen({ ...chosen, [part]: side })}
            />
          ))}
          {!isSaid && <Txt tone="ink2">{placeText.chooseFirst}</Txt>}
          <Button
            label={placeText.joinThem}
            disabled={!isSaid}
            onPress={() => onSay({ join: chosen })}
          />
        </>
      )}
      <Button look="plain" label={placeText.keepBoth} onPress={() => onSay('both')} />
      <Button
        look="plain"
        label={placeText.putAside(isHere.name)}
        onPress={() => onSay('put-aside')}
      />
      <Button look="plain" label={placeText.doNotOpen} onPress={onLeave} />
    </View>
  );
}

interface PartProps {
  readonly part: PlacePart;
  readonly here: Place;
  readonly there: Place;
  readonly value: Side | undefined;
  readonly onChange: (side: Side) => void;
}

/** Both states side by side; what stands there as drawings. */
function PartChoice({ part, here, there, value, onChange }: PartProps) {
  const label = placeText.changedOnBoth(partNames[part]);
  const states = [
    ['here', placeText.asHere, here],
    ['there', placeText.asInTheFile, there],
  ] as const;
  return (
    <View role="group" aria-label={label} style={styles.box}>
      <Txt kind="strong">{label}</Txt>
      <View style={styles.beside}>
        {states.map(([side, name, place]) => (
          <View key={side} style={styles.state}>
            <Txt kind="label">{name}</Txt>
            {part === 'structure' && (
              <BarePlan place={place} width={planWidth} tallest={planWidth} />
            )}
            <Txt tone="ink2">{partState(place, part)}</Txt>
          </View>
        ))}
      </View>
      <Chips
        options={states.map(([side, name]) => [side, name] as const)}
        value={value}
        onChoose={onChange}
      />
    </View>
  );
}

/** Two of them beside each other on the narrowest phone, px. */
const planWidth = 136;

const styles = StyleSheet.create({
  box: { gap: space.s },
  beside: { flexDirection: 'row', gap: space.m },
  state: { flex: 1, gap: space.xs },
});
