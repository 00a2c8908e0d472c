/** What falls due, and dusk, as a file for the phone's own calendar. What writes it is loaded only then. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { CalendarEvent } from '@/core/formats/calendar';
import type { Place } from '@/core/place/place';
import { dayOf, type Due } from '@/core/rounds/due';
import { daysLater } from '@/core/schema/day';
import { saveAs } from '@/features/place/save-as';
import { duskAt } from '@/features/shut/use-evening';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { timeWords } from '@/words/day-words';
import { dueLine, dueName } from '@/words/due-words';
import { dueText } from '@/words/screens/due';

interface Props {
  readonly place: Place;
  readonly due: readonly Due[];
  readonly today: string;
}

export function CalendarPart({ place, due, today }: Props) {
  const [trouble, setTrouble] = useState<string>();
  const rounds = () => due.map((it) => roundEvent(place, it, today));
  const evenings = () => duskEvents(place, today);
  const save = (name: string, events: readonly CalendarEvent[]) => {
    setTrouble(undefined);
    import('@/core/formats/calendar')
      .then(({ calendarFile }) =>
        saveAs(`${name}.ics`, calendarFile(events, place.id, new Date()), 'text/calendar'),
      )
      .catch(() => setTrouble(dueText.couldNot));
  };
  const hasDusk = place.setting.position !== undefined;
  return (
    <Part title={dueText.calendar}>
      <Txt tone="ink2">{dueText.calendarWhy}</Txt>
      {trouble && <Notice>{trouble}</Notice>}
      <View style={styles.row}>
        {hasDusk && (
          <Button
            label={dueText.calendarAll}
            onPress={() => save('rookle', [...rounds(), ...evenings()])}
          />
        )}
        <Button
          look={hasDusk ? 'key' : 'main'}
          style={styles.act}
          label={dueText.calendarRounds}
          onPress={() => save('rookle-due', rounds())}
        />
        {hasDusk && (
          <Button
            look="key"
            style={styles.act}
            label={dueText.calendarDusk}
            onPress={() => save('rookle-dusk', evenings())}
          />
        )}
      </View>
      {!hasDusk && <Txt tone="ink2">{dueText.noPosition}</Txt>}
    </Part>
  );
}

/** What has been due for some time is to be done today. */
function roundEvent(place: Place, due: Due, today: string): CalendarEvent {
  const [name, why] = dueName(place, due);
  const day = dayOf(due);
  return {
    id: due.id,
    name: `${place.name}: ${name}`,
    text: `${why}\n${dueLine(due, today)}`,
    day: day < today ? today : day,
  };
}

const weeks = 4;

/** None on days on which the sun does not set. */
function duskEvents(place: Place, today: string): CalendarEvent[] {
  return Array.from({ length: weeks * 7 }, (_, ahead) => daysLater(today, ahead)).flatMap((day) => {
    const dusk = duskAt(place, day);
    if (!dusk) return [];
    return {
      id: `dusk-${day}`,
      name: `${place.name}: ${dueText.shutUp}`,
      text: dueText.shutUpText(timeWords(dusk.dark)),
      from: dusk.sunset,
      to: dusk.dark,
    };
  });
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  act: { paddingHorizontal: space.m },
});
