/** Which animals the keeper reckons with. One that is left out is never judged. */
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { animalIds, animalsOf, type AnimalId } from '@/core/tables/animals';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { regionNames } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly onChange: (work: (place: Place) => Place) => void;
}

export function LivesHere({ place, onChange }: Props) {
  const { lives, region } = place.setting;
  const known = [...new Set([...animalsOf(region), ...lives])];
  const toggle = (id: AnimalId) =>
    onChange((it) => {
      const now = it.setting.lives;
      const next = now.includes(id) ? now.filter((other) => other !== id) : [...now, id];
      // Table order, so that lists do not shuffle with every tap; one from another region stays.
      const chosen = animalIds.filter((other) => next.includes(other));
      return { ...it, setting: { ...it.setting, lives: chosen } };
    });
  return (
    <View style={styles.part}>
      <Txt kind="heading">What lives near you</Txt>
      <Txt tone="ink2">
        Known in {regionNames[region]}, as far as the tables go. Tap one off if it never comes.
      </Txt>
      <View style={styles.wrap}>
        {known.map((id) => (
          <Button
            key={id}
            look="chip"
            label={animalName(id)}
            selected={lives.includes(id)}
            onPress={() => toggle(id)}
            style={styles.chip}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  part: {
    padding: space.l,
    gap: space.m,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 104 },
});
