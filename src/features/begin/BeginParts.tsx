/** The parts of beginning a place: its shape, its sizes and who lives in it, where it stands, its name. */
import { StyleSheet, View } from 'react-native';
import type { Units } from '@/core/place/place';
import { birdKinds } from '@/core/tables/bird-kinds';
import { isLength, readLength } from '@/core/walk/length-entry';
import { WhereItStands } from '@/features/where/WhereItStands';
import { Choice } from '@/ui/controls/Choice';
import { Field } from '@/ui/controls/Field';
import { space } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import { birdNames, unitsNames } from '@/words/names';
import { beginText } from '@/words/screens/begin';
import { sizeNames } from '@/words/shape-words';
import type { BeginDraft } from './begin-draft';
import { asksOf, houseSideOf, nameOf, sidesOf } from './drafted';
import { PaceSides } from './PaceSides';
import { askedSizes, usualText } from './read-form';
import { ShapeChoice } from './ShapeChoice';

export interface PartProps {
  readonly draft: BeginDraft;
  readonly set: (change: Partial<BeginDraft>) => void;
}

export function ShapePart({ draft, set }: PartProps) {
  // Its own sizes again stay as they were typed.
  const choose = (start: BeginDraft['start']) =>
    set(start === draft.start ? {} : { start, sizes: {} });
  return <ShapeChoice value={draft.start} onChange={choose} />;
}

export function InsidePart({ draft, set }: PartProps) {
  const { start, units, sizes, birds, kind } = draft;
  const asks = asksOf(draft);
  const sides = sidesOf(draft);
  return (
    <View style={styles.part}>
      {start === 'paced' && (
        <>
          <PaceSides sides={sides} units={units} onChange={(next) => set({ sides: next })} />
          <Choice
            label={beginText.theHouseStandsInThe}
            options={[
              ...sides.map((_, index) => [String(index + 1), beginText.inSide(index + 1)] as const),
              ['none', beginText.thereIsNoHouse],
            ]}
            value={houseSideOf(draft)}
            onChange={(houseSide) => set({ houseSide })}
          />
        </>
      )}
      {askedSizes(asks).map((size) => (
        <Field
          key={size}
          label={sizeNames(start)(size)}
          value={sizes[size] ?? usualText(asks[size] ?? [0, 0], units)}
          onChange={(text) => set({ sizes: { ...sizes, [size]: text } })}
        />
      ))}
      <Choice
        label={beginText.birds}
        options={birdKinds.map((it) => [it, birdNames[it]] as const)}
        value={kind}
        onChange={(next) => set({ kind: next })}
      />
      <Field
        label={beginText.howManyBirds}
        value={birds}
        onChange={(next) => set({ birds: next })}
        numeric
      />
      <Choice
        label={beginText.units}
        options={Object.entries(unitsNames) as [Units, string][]}
        value={units}
        onChange={(next) => set(inUnits(draft, next))}
      />
    </View>
  );
}

/** What was typed says the same in the other units; what cannot be read stays as it is. */
function inUnits({ units: before, sizes, sides }: BeginDraft, units: Units): Partial<BeginDraft> {
  const told = (text: string): string => {
    const read = readLength(text, before, longestTyped);
    return isLength(read) ? lengthWords(read.mm, units) : text;
  };
  const converted = Object.entries(sizes).map(([id, text]) => [id, text && told(text)]);
  return {
    units,
    sizes: Object.fromEntries(converted),
    ...(sides && { sides: sides.map((side) => ({ ...side, length: told(side.length) })) }),
  };
}

/** Whatever is too long is said when it is begun, mm. */
const longestTyped = 1_000_000;

export function WherePart({ draft, set }: PartProps) {
  return (
    <WhereItStands
      region={draft.region}
      where={draft.where}
      onRegion={(region) => set({ region })}
      onWhere={(where) => set({ where })}
    />
  );
}

export function NamePart({ draft, set }: PartProps) {
  return (
    <Field
      label={beginText.nameOfThePlace}
      value={nameOf(draft)}
      onChange={(name) => set({ name })}
    />
  );
}

const styles = StyleSheet.create({ part: { gap: space.l } });
