/** The routine: who shuts up and when it gets dark, when strands are on, where the place lies. */
import { routineText } from '@/words/screens/routine';
import type { ChangeMade } from '@/core/records/change-made';
import { StyleSheet, View } from 'react-native';
import { type Place, type Position, type Routine } from '@/core/place/place';
import { strandHours } from '@/core/tables/strand-hours';
import { duskOf } from '@/core/place/dusk';
import { NumberField } from '@/features/edit/NumberField';
import { TextField } from '@/features/edit/TextField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit, type Edit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { StringLinePart } from './StringLinePart';
import { strandHoursNames } from '@/words/edit-words';

export function RoutineScreen({ yard: { place } }: { readonly yard: Yard }) {
  const edit = useEdit();
  return (
    <Columns
      names={[routineText.shuttingUp, routineText.whenItGetsDark]}
      head={
        <View style={styles.head}>
          <BackLink href="/place" name={routineText.place} />
          <Txt kind="title">{routineText.routine}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={<ShuttingPart place={place} edit={edit} />}
      right={
        <>
          <StrandHoursPart place={place} edit={edit} />
          <PositionPart place={place} edit={edit} />
        </>
      }
    />
  );
}

interface Props {
  readonly place: Place;
  readonly edit: Edit;
}

function ShuttingPart({ place, edit }: Props) {
  const { routine = {} } = place;
  const set = (made: ChangeMade, key: keyof Routine, value: string | number | undefined) =>
    edit.change(made, (it) => {
      const { [key]: _, ...rest } = it.routine ?? {};
      return { ...it, routine: value === undefined ? rest : { ...rest, [key]: value } };
    });
  const words = (text: string) => (text === '' ? undefined : text);
  return (
    <Part title={routineText.shuttingUp}>
      <TextField
        label={routineText.whoShutsUpAtDusk}
        text={routine.shuts ?? ''}
        most={200}
        optional
        onChange={(text) => set('who-shuts-up', 'shuts', words(text))}
      />
      <TextField
        label={routineText.whoDoesWhenYouAre}
        text={routine.whenAway ?? ''}
        most={200}
        optional
        onChange={(text) => set('who-shuts-up', 'whenAway', words(text))}
      />
      <NumberField
        label={routineText.nightsOfAYearOn}
        value={routine.nightsUnshut}
        least={0}
        most={366}
        whole
        onChange={(nights) => set('nights-unshut', 'nightsUnshut', nights)}
      />
      <Txt tone="ink2">{routineText.whatShutsEachDoorAnd}</Txt>
    </Part>
  );
}

function StrandHoursPart({ place, edit }: Props) {
  const { fence } = place;
  if (!fence) {
    return (
      <Part title={routineText.electricStrands}>
        <Txt tone="ink2">{routineText.noneAStrandIsStrung}</Txt>
        <StringLinePart place={place} edit={edit} />
      </Part>
    );
  }
  return (
    <Part title={routineText.electricStrands}>
      <Choice
        label={routineText.theyAreOn}
        options={strandHours.map((it) => [it, strandHoursNames[it]] as const)}
        value={fence.on}
        onChange={(on) =>
          edit.change('strand-hours', (it) => ({ ...it, fence: { ...(it.fence ?? fence), on } }))
        }
      />
      <StringLinePart place={place} edit={edit} />
    </Part>
  );
}

/** Where it begins, until the keeper has said. */
const unsaid: Position = { latitude: 52, longitude: 0 };

function PositionPart({ place, edit }: Props) {
  const { position } = place.setting;
  // Of the place as it then stands: of two fields filled quickly neither is lost.
  const set = (changed: Partial<Position> | undefined) =>
    edit.change('position', (it) => {
      const { position: now = unsaid, ...setting } = it.setting;
      return {
        ...it,
        setting: changed ? { ...setting, position: { ...now, ...changed } } : setting,
      };
    });
  if (!position) {
    return (
      <Part title={routineText.whenItGetsDark}>
        <Txt tone="ink2">{routineText.forTheHourOfDusk}</Txt>
        <Button look="plain" label={routineText.sayWhereItIs} onPress={() => set(unsaid)} />
      </Part>
    );
  }
  const dusk = duskOf(new Date(), position);
  return (
    <Part title={routineText.whenItGetsDark}>
      <Txt kind="strong">
        {dusk
          ? routineText.todayTheSunSetsAt(dusk.sunset, dusk.dark)
          : routineText.todayTheSunDoesNot}
      </Txt>
      <View style={styles.row}>
        <View style={styles.half}>
          <NumberField
            label={routineText.degreesNorth}
            value={position.latitude}
            least={-90}
            most={90}
            onChange={(latitude) => latitude !== undefined && set({ latitude })}
          />
        </View>
        <View style={styles.half}>
          <NumberField
            label={routineText.degreesEast}
            value={position.longitude}
            least={-180}
            most={180}
            onChange={(longitude) => longitude !== undefined && set({ longitude })}
          />
        </View>
      </View>
      <Txt tone="ink2">{routineText.southAndWestBelowZero}</Txt>
      <Button look="key" label={routineText.forgetWhereItIs} onPress={() => set(undefined)} />
    </Part>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
