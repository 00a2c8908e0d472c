/** Electric strands along this bay. */
import { bayText } from '@/words/screens/bay';
import { StyleSheet, View } from 'react-native';
import { addStrand, dropStrand } from '@/core/place/edit/ground';
import { reachOf } from '@/core/place/edit/alike';
import { touching, type Touching } from '@/core/tables/shocking';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { isThere } from '@/core/place/strand-there';
import { touchingNames } from '@/words/names';
import { chosen, lengthOf, saidChoice, saidLength, type BayParts } from './bay-edit';

const highest = 2500;
const farthest = 1000;

export function StrandsPart({ place, bay, found, edit, change }: BayParts) {
  const { units } = place;
  const strands = found.strands.filter(isThere);
  const all = [bay.id, ...reachOf(place, bay.id).walls];
  const string = (ids: readonly string[]) =>
    edit.change('strand', (it) => addStrand(it, ids, newId));
  return (
    <FoldedPart title={bayText.electricStrands} closed={bayText.strandsHere(strands.length)}>
      {strands.length === 0 && <Txt tone="ink2">{bayText.noneAlongThisBay}</Txt>}
      {strands.map((strand, index) => (
        <View key={strand.id} style={styles.strand}>
          <View style={styles.row}>
            <View style={styles.half}>
              <LengthField
                label={bayText.strandHeight(index + 1)}
                {...lengthOf(strand.height)}
                units={units}
                longest={highest}
                onChange={(it) =>
                  edit.say('the-strand', saidLength(strand.id, 'strand.height', it))
                }
              />
            </View>
            <View style={styles.half}>
              <LengthField
                label={bayText.fromTheWall}
                {...lengthOf(strand.standOff)}
                units={units}
                longest={farthest}
                onChange={(it) =>
                  edit.say('the-strand', saidLength(strand.id, 'strand.standOff', it))
                }
              />
            </View>
          </View>
          <Picker
            label={bayText.whatTouchesIt}
            options={touching.map((it) => [it, touchingNames[it][0]] as const)}
            value={chosen<Touching>(strand.touching)}
            none={bayText.notLookedAt}
            onChange={(it) =>
              edit.say('what-touches-it', saidChoice(strand.id, 'strand.touching', it))
            }
          />
          <Button
            look="key"
            label={bayText.takeStrandAway(index + 1)}
            onPress={() => change('taking-a-strand-away', (it) => dropStrand(it, strand.id))}
          />
        </View>
      ))}
      <View style={styles.row}>
        <Button
          look="plain"
          label={bayText.aStrandAlongThisBay}
          onPress={() => string([bay.id])}
          style={styles.half}
        />
        <Button
          look="plain"
          label={bayText.allTheWayRound}
          onPress={() => string(all)}
          style={styles.half}
        />
      </View>
      <Notice tone="hours">{bayText.onlyFromAListedEnergizer}</Notice>
    </FoldedPart>
  );
}

const styles = StyleSheet.create({
  strand: { gap: space.m },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
