/** The routine: who shuts up and when it gets dark, when strands are on, where the place lies. */
import type { ChangeMade } from '@/core/records/change-made';
import { StyleSheet, View } from 'react-native';
import { strandHours, type Place, type Position, type Routine } from '@/core/place/place';
import { duskOf } from '@/core/rounds/dusk';
import { NumberField } from '@/features/edit/NumberField';
import { TextField } from '@/features/edit/TextField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit, type Edit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { timeWords } from '@/words/day-words';
import { strandHoursNames } from '@/words/edit-words';

export function RoutineScreen({ yard: { place } }: { readonly yard: Yard }) {
  const edit = useEdit();
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href="/place" name="Place" />
        <Txt kind="title">Routine</Txt>
        {edit.trouble && <Notice>{edit.trouble}</Notice>}
        <UndoBar placeId={place.id} />
      </View>
      <ShuttingPart place={place} edit={edit} />
      <StrandHoursPart place={place} edit={edit} />
      <PositionPart place={place} edit={edit} />
    </Screen>
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
    <Part title="Shutting up">
      <TextField
        label="Who shuts up at dusk"
        text={routine.shuts ?? ''}
        most={200}
        optional
        onChange={(text) => set('who-shuts-up', 'shuts', words(text))}
      />
      <TextField
        label="Who does when you are away"
        text={routine.whenAway ?? ''}
        most={200}
        optional
        onChange={(text) => set('who-shuts-up', 'whenAway', words(text))}
      />
      <NumberField
        label="Nights of a year on which nobody does"
        value={routine.nightsUnshut}
        least={0}
        most={366}
        whole
        onChange={(nights) => set('nights-unshut', 'nightsUnshut', nights)}
      />
      <Txt tone="ink2">
        What shuts each door, and whether every night, is said of the door itself, in its bay.
      </Txt>
    </Part>
  );
}

function StrandHoursPart({ place, edit }: Props) {
  const { fence } = place;
  if (!fence) {
    return (
      <Part title="Electric strands">
        <Txt tone="ink2">None. A strand is strung from the page of any bay.</Txt>
      </Part>
    );
  }
  return (
    <Part title="Electric strands">
      <Choice
        label="They are on"
        options={strandHours.map((it) => [it, strandHoursNames[it]] as const)}
        value={fence.on}
        onChange={(on) => edit.change('strand-hours', (it) => ({ ...it, fence: { ...fence, on } }))}
      />
    </Part>
  );
}

function PositionPart({ place, edit }: Props) {
  const { position } = place.setting;
  const set = (next: Position | undefined) =>
    edit.change('position', (it) => {
      const { position: _, ...setting } = it.setting;
      return { ...it, setting: next ? { ...setting, position: next } : setting };
    });
  if (!position) {
    return (
      <Part title="When it gets dark">
        <Txt tone="ink2">
          For the hour of dusk Rookle would need to know roughly where this is. It stays in this
          browser and in your files; whole degrees are enough.
        </Txt>
        <Button
          look="plain"
          label="Say where it is"
          onPress={() => set({ latitude: 52, longitude: 0 })}
        />
      </Part>
    );
  }
  const dusk = duskOf(new Date(), position);
  return (
    <Part title="When it gets dark">
      <Txt kind="strong">
        {dusk
          ? `Today the sun sets at ${timeWords(dusk.sunset)}; it is dark by ${timeWords(dusk.dark)}.`
          : 'Today the sun does not set, or does not rise, there.'}
      </Txt>
      <View style={styles.row}>
        <View style={styles.half}>
          <NumberField
            label="Degrees north"
            value={position.latitude}
            least={-90}
            most={90}
            onChange={(latitude) => latitude !== undefined && set({ ...position, latitude })}
          />
        </View>
        <View style={styles.half}>
          <NumberField
            label="Degrees east"
            value={position.longitude}
            least={-180}
            most={180}
            onChange={(longitude) => longitude !== undefined && set({ ...position, longitude })}
          />
        </View>
      </View>
      <Txt tone="ink2">South and west below zero. Times are this device’s.</Txt>
      <Button look="key" label="Forget where it is" onPress={() => set(undefined)} />
    </Part>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1, minWidth: 0 },
});
