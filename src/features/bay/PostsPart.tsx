/** Where its posts stand: moved, set between, taken out. */
import { bayText } from '@/words/screens/bay';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { cutBay, joinBays, movePost, nextTo } from '@/core/place/edit/posts';
import { setHeight } from '@/core/place/edit/cover';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/ids';
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
      return refuse(bayText.aPostCannotStandIn);
    }
    return edit.change('another-post', (it) => cutBay(it, bay.id, cutAt, newId) ?? it);
  };
  return (
    <>
      <LengthField
        label={bayText.heightOfTheWall}
        mm={bay.height}
        units={place.units}
        longest={tallestWall}
        onChange={({ mm }) => {
          if (setHeight(bay, mm) === bay) refuse(bayText.soLowItWouldBe);
          else change('height', (it) => setHeight(it, mm));
        }}
      />
      <LengthField
        label={next ? bayText.widthPostToPostTakes(next.name) : bayText.widthPostToPost}
        mm={bay.width}
        units={place.units}
        longest={100_000}
        onChange={({ mm }) => {
          if (!next) {
            refuse(bayText.itIsTheLastBay);
          } else if (!movePost(place, bay.id, mm)) {
            refuse(bayText.thatLeavesNoRoomFor(next.name));
          } else edit.change('post', (it) => movePost(it, bay.id, mm) ?? it);
        }}
      />
      <View style={styles.row}>
        <View style={styles.half}>
          <LengthField
            label={bayText.anotherPostFromTheFirst}
            mm={cutAt}
            units={place.units}
            longest={bay.width}
            onChange={setAt}
          />
        </View>
        <Button look="plain" label={bayText.setItTwoBaysAlike} onPress={cut} style={styles.low} />
      </View>
      {next && (
        <Button
          look="plain"
          label={bayText.takeOutThePostBefore(next.name)}
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
