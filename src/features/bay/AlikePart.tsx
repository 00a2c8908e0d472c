/** "The whole run is like this, except …": says of other bays what was said of this one. */
import { bayText } from '@/words/screens/bay';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { makeAlike, reachOf } from '@/core/place/edit/alike';
import { findBay } from '@/core/place/find';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import type { BayParts } from './bay-edit';
import { Except } from './Except';

export function AlikePart({ place, bay, found, edit }: BayParts) {
  const { side, walls } = reachOf(place, bay.id);
  const [reach, setReach] = useState<readonly string[]>();
  const [done, setDone] = useState(false);
  if (walls.length === 0) return null;
  const choose = (next: readonly string[]) => {
    setReach(next);
    setDone(false);
  };
  return (
    <Part title={bayText.othersLikeThisOne}>
      <Txt tone="ink2">{bayText.coverLayersSkirtStrandsAnd}</Txt>
      <View style={styles.row}>
        {side.length > 0 && (
          <Button
            look="chip"
            label={bayText.thisSide}
            selected={reach === side || (reach?.length === side.length && !done)}
            onPress={() => choose(side)}
            style={styles.half}
          />
        )}
        <Button
          look="chip"
          label={bayText.allWallsLikeIt}
          selected={reach?.length === walls.length && walls.length !== side.length}
          onPress={() => choose(walls)}
          style={styles.half}
        />
      </View>
      {reach && (
        <Except
          key={reach.join()}
          all={reach.map((id) => [id, findBay(place, id)?.bay.name ?? id] as const)}
          make={bayText.makeLikeThisOne}
          onMake={async (ids) => {
            const made = edit.change('bays-alike', (it) => makeAlike(it, found, [...ids], newId));
            setReach(undefined);
            // Not said before it is stored: the page may be left at that word.
            setDone(await made);
          }}
        />
      )}
      {done && (
        <Txt tone="holds" live>
          {bayText.saidOfTheOthersToo}
        </Txt>
      )}
    </Part>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
