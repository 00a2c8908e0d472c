/** What has to be known before a first walk: a name, a region, a flock, and the run's shape as paced. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { beginPlace } from '@/core/place/begin';
import { beginPaced } from '@/core/place/begin-paced';
import { checkPacing, isPacing } from '@/core/place/pacing';
import type { Place } from '@/core/place/place';
import type { Region } from '@/core/tables/animals';
import type { Units } from '@/core/walk/length-entry';
import { newId } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { regionNames } from '@/words/names';
import { housePlaceWords, pacingProblemWords } from '@/words/pacing-words';
import { Choice } from './Choice';
import { Field } from './Field';
import { firstSides, readSides, type SideText } from './pacing-form';
import { PaceSides } from './PaceSides';
import { defaults, onlyAsked, readForm, type FormText } from './read-form';

type Shape = 'rectangle' | 'paced';

export function BeginForm({ onBegin }: { readonly onBegin: (place: Place) => void }) {
  const [units, setUnits] = useState<Units>('metric');
  const [region, setRegion] = useState<Region>('gb');
  const [kind, setKind] = useState<Place['flock'][number]['kind']>('grown');
  const [nestLid, setNestLid] = useState(true);
  const [shape, setShape] = useState<Shape>('rectangle');
  const [paced, setPaced] = useState<readonly SideText[]>();
  const [chosenSide, setHouseSide] = useState('2');
  const [typed, setTyped] = useState<Partial<FormText>>({});
  const [trouble, setTrouble] = useState<string>();
  const text: FormText = { ...defaults[units], ...typed };
  const sides = paced ?? firstSides[units];
  // A side that was taken away again has no house against it.
  const houseSide = Number(chosenSide) > sides.length ? '1' : chosenSide;
  const set = (field: keyof FormText) => (value: string) =>
    setTyped((before) => ({ ...before, [field]: value }));
  const hasHouse = shape === 'rectangle' || houseSide !== 'none';
  const begin = () => {
    const read = readForm(onlyAsked(text, units, shape === 'paced', hasHouse), units);
    if ('sentence' in read) return setTrouble(read.sentence);
    const base = { ...read, id: newId('place'), units, region, kind };
    const place =
      shape === 'rectangle'
        ? rectangle({ ...base, nestLid })
        : ofPaced(base, sides, houseSide === 'none' ? undefined : { side: houseSide, nestLid });
    if ('sentence' in place) return setTrouble(place.sentence);
    setTrouble(undefined);
    onBegin(place);
  };
  return (
    <View style={styles.form}>
      <Field label="Name of the place" value={text.name} onChange={set('name')} />
      <Choice
        label="Where it is"
        options={Object.entries(regionNames) as [Region, string][]}
        value={region}
        onChange={setRegion}
      />
      <Choice
        label="Units"
        options={[
          ['metric', 'metres and mm'],
          ['imperial', 'feet and inches'],
        ]}
        value={units}
        onChange={(next) => {
          setUnits(next);
          setPaced(undefined);
          setTyped(({ name, birds }) => ({
            ...(name !== undefined && { name }),
            ...(birds !== undefined && { birds }),
          }));
        }}
      />
      <Choice
        label="Birds"
        options={[
          ['grown', 'hens'],
          ['bantam', 'bantams'],
          ['ducks', 'ducks'],
          ['chicks', 'chicks'],
        ]}
        value={kind}
        onChange={setKind}
      />
      <Field label="How many birds" value={text.birds} onChange={set('birds')} />
      <Choice
        label="Shape of the run"
        options={[
          ['rectangle', 'a rectangle'],
          ['paced', 'pace it, side by side'],
        ]}
        value={shape}
        onChange={setShape}
      />
      {shape === 'rectangle' ? (
        <>
          <Field
            label="Run: along the gate’s side"
            value={text.runWidth}
            onChange={set('runWidth')}
          />
          <Field label="Run: away from the gate" value={text.runDepth} onChange={set('runDepth')} />
        </>
      ) : (
        <>
          <PaceSides sides={sides} units={units} onChange={setPaced} />
          <Choice
            label="The house stands in the run, its back against"
            options={[
              ...sides.map((_, index) => [String(index + 1), `side ${index + 1}`] as const),
              ['none', 'there is no house'],
            ]}
            value={houseSide}
            onChange={setHouseSide}
          />
        </>
      )}
      <Field label="Run: height" value={text.runHeight} onChange={set('runHeight')} />
      {hasHouse && (
        <>
          <Field
            label="House: along its back"
            value={text.houseWidth}
            onChange={set('houseWidth')}
          />
          <Field
            label="House: front to back"
            value={text.houseDepth}
            onChange={set('houseDepth')}
          />
          <Choice
            label="Nest lid on the back of the house"
            options={[
              ['yes', 'yes'],
              ['no', 'no'],
            ]}
            value={nestLid ? 'yes' : 'no'}
            onChange={(value) => setNestLid(value === 'yes')}
          />
        </>
      )}
      {trouble && <Notice>{trouble}</Notice>}
      <Button label="Begin" onPress={begin} />
    </View>
  );
}

type Begun = Place | { readonly sentence: string };

function rectangle(beginning: Parameters<typeof beginPlace>[0]): Begun {
  const place = beginPlace(beginning);
  return 'problem' in place
    ? {
        sentence:
          'The house leaves no run: it must be at least a gate’s width smaller than the run, both ways.',
      }
    : place;
}

type Base = Omit<Parameters<typeof beginPlace>[0], 'nestLid'>;

function ofPaced(
  { houseWidth, houseDepth, ...base }: Base,
  texts: readonly SideText[],
  house: { readonly side: string; readonly nestLid: boolean } | undefined,
): Begun {
  const read = readSides(texts, base.units);
  if ('sentence' in read) return read;
  const pacing = checkPacing(read.sides);
  if (!isPacing(pacing)) return { sentence: pacingProblemWords(pacing, base.units) };
  // Sides are numbered as they were paced; paced anticlockwise they stand in the other order.
  const paced = Number(house?.side) - 1;
  const side = pacing.reversed && paced > 0 ? read.sides.length - paced : paced;
  const place = beginPaced({
    ...base,
    pacing,
    ...(house && {
      house: { side, width: houseWidth, depth: houseDepth, nestLid: house.nestLid },
    }),
  });
  if (!('problem' in place)) return place;
  const problem = place.problem === 'side-too-short' ? { ...place, side: paced } : place;
  return { sentence: housePlaceWords(problem) };
}

const styles = StyleSheet.create({ form: { gap: space.l } });
