/** The sides of a zone: how long, what they are called, and whether they are a fence or the wall of something else. */
import { zoneText } from '@/words/screens/zone';
import { StyleSheet, View } from 'react-native';
import { keepEntered } from '@/core/place/edit/keep-entered';
import { compass, orient } from '@/core/place/edit/orient';
import { renameSide, setSideKind } from '@/core/place/edit/sides';
import { spacePosts } from '@/core/place/edit/space-posts';
import { setSides } from '@/core/place/edit/zones';
import { sideKinds, type Place, type Side, type Zone } from '@/core/place/place';
import type { EnteredLength } from '@/core/walk/length-entry';
import { LengthField } from '@/features/edit/LengthField';
import { TextField } from '@/features/edit/TextField';
import type { Edit } from '@/features/edit/use-edit';
import { newId } from '@/store/ids';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { sideKindNames } from '@/words/edit-words';
import { pacingProblemWords } from '@/words/pacing-words';

interface Props {
  readonly place: Place;
  readonly zone: Zone;
  readonly edit: Edit;
}

const longest = 100_000;

export function SidesPart({ place, zone, edit }: Props) {
  const { sides } = zone.outline;
  // Of a rectangle two sides go together: one figure for both.
  const isRectangle = sides.length === 4 && sides.every(({ turn }) => Math.abs(turn) === 90);
  const setLength = (index: number, { mm, entered }: EnteredLength) => {
    const lengths = sides.map(({ length }, at) =>
      at === index || (isRectangle && at === (index + 2) % 4) ? mm : length,
    );
    const sized = setSides(place, zone.id, lengths, newId);
    if ('problem' in sized) edit.setTrouble(pacingProblemWords(sized, place.units));
    else {
      edit.change('side', (it) => {
        const again = setSides(it, zone.id, lengths, newId);
        return 'problem' in again ? it : keepEntered(again, new Map([[mm, entered]]));
      });
    }
  };
  const [first] = sides;
  return (
    <Part title={zoneText.sidesAndPosts}>
      {zone.kind === 'run' && (
        <LengthField
          label={zoneText.postsStandSoFarApart}
          mm={spacingOf(place, zone)}
          units={place.units}
          longest={longest}
          onChange={({ mm }) => edit.change('posts', (it) => spacePosts(it, zone.id, mm, newId))}
        />
      )}
      {zone.kind === 'run' && first && (
        <Choice
          label={zoneText.fromInsideLies(first.name)}
          options={compass.map((it) => [it, it] as const)}
          value={compass.find((it) => it === first.name)}
          onChange={(way) => edit.change('which-way-it-lies', (it) => orient(it, first.id, way))}
        />
      )}
      {isRectangle && <Txt tone="ink2">{zoneText.aRectangleOppositeSidesAre}</Txt>}
      {sides.map((side, index) => (
        <View key={side.id} style={styles.side}>
          <LengthField
            label={zoneText.length(side.name)}
            mm={side.length}
            entered={side.entered}
            units={place.units}
            longest={longest}
            onChange={(length) => setLength(index, length)}
          />
          <SideWords side={side} edit={edit} isRun={zone.kind === 'run'} />
        </View>
      ))}
    </Part>
  );
}

/** The usual width of its bays, mm. */
function spacingOf(place: Place, zone: Zone): number | undefined {
  const widths = place.faces
    .filter(({ kind, between }) => kind === 'wall' && between.includes(zone.id))
    .flatMap(({ bays }) => bays.map(({ width }) => width))
    .sort((a, b) => a - b);
  return widths[Math.floor(widths.length / 2)];
}

interface SideProps {
  readonly side: Side;
  readonly edit: Edit;
  /** Only a run leans on what is not its own. */
  readonly isRun: boolean;
}

function SideWords({ side, edit, isRun }: SideProps) {
  return (
    <>
      <TextField
        label={zoneText.name(side.name)}
        text={side.name}
        most={80}
        onChange={(name) => edit.change('sides-name', (it) => renameSide(it, side.id, name))}
      />
      {isRun && (
        <Picker
          label={zoneText.is(side.name)}
          options={sideKinds.map((it) => [it, sideKindNames[it]] as const)}
          value={side.kind}
          none={zoneText.notSaid}
          onChange={(kind) =>
            edit.change('what-a-side-is', (it) => setSideKind(it, side.id, kind, newId))
          }
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({
  side: {
    gap: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    paddingTop: space.m,
  },
});
