/** Where its posts stand: moved, set between, taken out. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { cutBay, joinBays, movePost, nextTo } from '@/core/place/edit/posts';
import { setHeight } from '@/core/place/edit/cover';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';
import type { BayParts } from './bay-edit';

const tallestWall = 5000;

export function PostsPart({ place, bay, edit, change }: BayParts) {
  const [at, setAt] = useState<{ mm: number; entered: string }>();
  const next = nextTo(place, bay.id);
  const cutAt = at?.mm ?? bay.width / 2;
  const refuse = (sentence: string) => edit.setTrouble(sentence);
  const cut = () => {
    if (!cutBay(place, bay.id, cutAt, newId)) {
      return refuse('A post cannot stand in an opening, or that close to another.');
    }
    return edit.change('another-post', (it) => cutBay(it, bay.id, cutAt, newId) ?? it);
  };
  return (
    <>
      <LengthField
        label="Height of the wall"
        mm={bay.height}
        units={place.units}
        longest={tallestWall}
        onChange={({ mm }) => {
          if (setHeight(bay, mm) === bay) refuse('So low it would be no wall.');
          else change('height', (it) => setHeight(it, mm));
        }}
      />
      <LengthField
        label={next ? `Width, post to post (${next.name} takes the rest)` : 'Width, post to post'}
        mm={bay.width}
        units={place.units}
        longest={100_000}
        onChange={({ mm }) => {
          if (!next) {
            refuse('It is the last bay of its wall: move the post before it, or change the side.');
          } else if (!movePost(place, bay.id, mm)) {
            refuse(`That leaves no room for ${next.name}.`);
          } else edit.change('post', (it) => movePost(it, bay.id, mm) ?? it);
        }}
      />
      <View style={styles.row}>
        <View style={styles.half}>
          <LengthField
            label="Another post, from the first"
            mm={cutAt}
            units={place.units}
            longest={bay.width}
            onChange={setAt}
          />
        </View>
        <Button look="plain" label="Set it: two bays alike" onPress={cut} style={styles.low} />
      </View>
      {next && (
        <Button
          look="plain"
          label={`Take out the post before ${next.name}`}
          onPress={() => edit.change('joining-bays', (it) => joinBays(it, bay.id) ?? it)}
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s, alignItems: 'flex-end' },
  half: { flex: 1, minWidth: 0 },
  low: { flex: 1 },
});
