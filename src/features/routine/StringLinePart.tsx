/** A line strung in one go: its wires, how far out, where it runs, and whether it crosses the doors. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { stringLine } from '@/core/place/edit/string-line';
import { lineBays } from '@/core/place/line-bays';
import type { BayId, Place, YesNo } from '@/core/place/place';
import { hasWire, isStrung } from '@/core/place/strand-there';
import type { Edit } from '@/features/edit/use-edit';
import { LengthField } from '@/features/edit/LengthField';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { bayText } from '@/words/screens/bay';
import { routineText } from '@/words/screens/routine';
import { LineWalls } from './LineWalls';

/** Common practice against what noses along the ground; set right by whoever strings it. */
const usual = { heights: [150, 300], standOff: 150 } as const;
const highest = 2500;
const farthest = 3000;
const mostWires = 5;

interface Props {
  readonly place: Place;
  readonly edit: Edit;
}

export function StringLinePart({ place, edit }: Props) {
  const [heights, setHeights] = useState<readonly number[]>();
  const [standOff, setStandOff] = useState<number>(usual.standOff);
  const [crosses, setCrosses] = useState<YesNo>();
  const [along, setAlong] = useState<ReadonlySet<BayId>>();
  const strung = isStrung(place);
  const name = strung ? routineText.anotherLine : routineText.aLine;
  if (!heights) {
    return <Button look="plain" label={name} onPress={() => setHeights(usual.heights)} />;
  }
  const [first, ...rest] = heights;
  const string = (crossesDoors: YesNo) => {
    if (first === undefined) return;
    edit.change('the-line', (it) =>
      stringLine(
        it,
        { heights: [first, ...rest], standOff, crossesDoors, ...(along && { along }) },
        newId,
      ),
    );
    setHeights(undefined);
    setAlong(undefined);
  };
  /** Where it hangs already one begins. */
  const strungNow = new Set(lineBays(place).flatMap((bay) => (hasWire(bay) ? [bay.id] : [])));
  return (
    <View role="group" aria-label={name} style={styles.line}>
      <Txt kind="strong">{name}</Txt>
      <Choice
        label={routineText.whereItRuns}
        options={[
          ['all', routineText.roundEverything],
          ['some', routineText.alongSomeWalls],
        ]}
        value={along ? 'some' : 'all'}
        onChange={(it) => setAlong(it === 'some' ? strungNow : undefined)}
      />
      {along && <LineWalls place={place} along={along} onChange={setAlong} />}
      {heights.map((mm, index) => (
        <LengthField
          key={index}
          label={bayText.strandHeight(index + 1)}
          mm={mm}
          units={place.units}
          longest={highest}
          onChange={(it) => setHeights(heights.map((own, at) => (at === index ? it.mm : own)))}
        />
      ))}
      <View style={styles.row}>
        {heights.length < mostWires && (
          <Button
            look="key"
            label={routineText.oneWireMore}
            onPress={() => setHeights([...heights, (heights.at(-1) ?? 0) + 150])}
            style={styles.half}
          />
        )}
        {heights.length > 1 && (
          <Button
            look="key"
            label={routineText.oneWireLess}
            onPress={() => setHeights(heights.slice(0, -1))}
            style={styles.half}
          />
        )}
      </View>
      <LengthField
        label={bayText.fromTheWall}
        mm={standOff}
        units={place.units}
        longest={farthest}
        onChange={(it) => setStandOff(it.mm)}
      />
      <Choice
        label={routineText.doesItCrossTheDoors}
        options={[
          ['yes', routineText.itCrosses],
          ['no', routineText.itStopsAtDoors],
        ]}
        value={crosses}
        onChange={setCrosses}
      />
      <Notice tone="hours">{bayText.onlyFromAListedEnergizer}</Notice>
      {strung && <Txt tone="ink2">{routineText.insteadOfWhatIsStrung}</Txt>}
      {crosses && along?.size !== 0 && (
        <Button label={routineText.stringIt} onPress={() => string(crosses)} />
      )}
      <Button look="plain" label={routineText.notNow} onPress={() => setHeights(undefined)} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { gap: space.m },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
