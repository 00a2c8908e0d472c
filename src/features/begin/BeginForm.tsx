/** What has to be known before a first walk: a name, a region, a flock, and what the place looks like, or how it paces. */
import { beginText } from '@/words/screens/begin';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { birdKinds, type BirdKind, type Place, type Units } from '@/core/place/place';
import { shapes, type SizeId } from '@/core/place/shapes';
import { isPartUnsaid, type Region } from '@/core/tables/regions';
import type { Surroundings } from '@/core/tables/surroundings';
import { WhereItStands } from '@/features/where/WhereItStands';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { birdNames, unitsNames } from '@/words/names';
import { sizeNames } from '@/words/shape-words';
import { begin } from './begin';
import { firstSides, type SideText } from './pacing-form';
import { PaceSides } from './PaceSides';
import { askedSizes, pacedAsks, usualText } from './read-form';
import { ShapeChoice, type Start } from './ShapeChoice';

export function BeginForm({ onBegin }: { readonly onBegin: (place: Place) => void }) {
  const [units, setUnits] = useState<Units>('metric');
  const [region, setRegion] = useState<Region>('gb');
  const [where, setWhere] = useState<Surroundings>();
  const [kind, setKind] = useState<BirdKind>('grown');
  const [start, setStart] = useState<Start>('side-by-side');
  const [name, setName] = useState('');
  const [birds, setBirds] = useState('6');
  const [sizes, setSizes] = useState<Partial<Record<SizeId, string>>>({});
  const [paced, setPaced] = useState<readonly SideText[]>();
  const [chosenSide, setHouseSide] = useState('2');
  const [trouble, setTrouble] = useState<string>();
  const sides = paced ?? firstSides[units];
  // A side that was taken away again has no house against it.
  const houseSide = Number(chosenSide) > sides.length ? '1' : chosenSide;
  const asks = asksOf(start, houseSide !== 'none');
  const press = () => {
    const base = { id: newId('place'), units, region, kind, ...(where && { where }) };
    const place = begin({ text: { name, birds, sizes }, asks, start, sides, houseSide, base });
    const sentence = 'sentence' in place ? place.sentence : unsaidOf(region, where);
    setTrouble(sentence);
    if (sentence === undefined && !('sentence' in place)) onBegin(place);
  };
  return (
    <View style={styles.form}>
      <Field label={beginText.nameOfThePlace} value={name} onChange={setName} />
      <WhereItStands region={region} where={where} onRegion={setRegion} onWhere={setWhere} />
      <Choice
        label={beginText.units}
        options={Object.entries(unitsNames) as [Units, string][]}
        value={units}
        onChange={(next) => {
          setUnits(next);
          setPaced(undefined);
          setSizes({});
        }}
      />
      <Choice
        label={beginText.birds}
        options={birdKinds.map((it) => [it, birdNames[it]] as const)}
        value={kind}
        onChange={setKind}
      />
      <Field label={beginText.howManyBirds} value={birds} onChange={setBirds} numeric />
      <ShapeChoice
        value={start}
        onChange={(next) => {
          setStart(next);
          setSizes({});
        }}
      />
      {start === 'paced' && (
        <>
          <PaceSides sides={sides} units={units} onChange={setPaced} />
          <Choice
            label={beginText.theHouseStandsInThe}
            options={[
              ...sides.map((_, index) => [String(index + 1), beginText.inSide(index + 1)] as const),
              ['none', beginText.thereIsNoHouse],
            ]}
            value={houseSide}
            onChange={setHouseSide}
          />
        </>
      )}
      {askedSizes(asks).map((size) => (
        <Field
          key={size}
          label={sizeNames(start)(size)}
          value={sizes[size] ?? usualText(asks[size] ?? [0, 0], units)}
          onChange={(text) => setSizes((before) => ({ ...before, [size]: text }))}
        />
      ))}
      {trouble && <Notice>{trouble}</Notice>}
      <Button label={beginText.begin} onPress={press} />
    </View>
  );
}

/** What is still to be said of where it stands. */
function unsaidOf(region: Region, where: Surroundings | undefined): string | undefined {
  if (isPartUnsaid(region)) return beginText.sayWhichPart;
  return where ? undefined : beginText.sayWhatStandsRoundIt;
}

function asksOf(start: Start, hasHouse: boolean) {
  if (start !== 'paced') return shapes[start].asks;
  const { runHeight } = pacedAsks;
  return hasHouse || !runHeight ? pacedAsks : { runHeight };
}

const styles = StyleSheet.create({ form: { gap: space.l } });
