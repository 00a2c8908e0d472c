/** The log, newest first. An entry taken out can be brought back by undo. */
import { livesText } from '@/words/screens/lives';
import { useState } from 'react';
import { View } from 'react-native';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { EntryRow } from '@/ui/controls/EntryRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { dayWords } from '@/words/day-words';
import { entryWords } from '@/words/log-words';
import { notSavedWords } from '@/words/not-saved-words';

interface Props {
  readonly place: Place;
  readonly log: readonly LogEntry[];
  readonly onOpen: (id: string) => void;
}

const few = 8;

export function LogList({ place, log, onOpen }: Props) {
  const { removeEntry } = useChanges();
  const [all, setAll] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const sorted = log
    .map((entry, index) => ({ entry, index }))
    .sort((a, b) => b.entry.date.localeCompare(a.entry.date) || b.index - a.index)
    .map(({ entry }) => entry);
  const remove = (id: string) => {
    setTrouble(undefined);
    removeEntry(id).catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Part title={livesText.theLog}>
      {trouble && <Notice>{trouble}</Notice>}
      {sorted.length === 0 && <Txt tone="ink2">{livesText.nothingYetFromTheFirst}</Txt>}
      <View>
        {sorted.slice(0, all ? undefined : few).map((entry) => (
          <EntryRow
            key={entry.id}
            acts={[
              {
                label: livesText.changeIt,
                says: livesText.changeEntry(place, entry, entry.date),
                onPress: () => onOpen(entry.id),
              },
              {
                label: livesText.takeOut,
                says: livesText.takeOutEntry(place, entry, entry.date),
                onPress: () => remove(entry.id),
              },
            ]}
          >
            <Txt kind="strong">{entryWords(place, entry)}</Txt>
            <Txt tone="ink2">{dayWords(entry.date)}</Txt>
          </EntryRow>
        ))}
      </View>
      {!all && sorted.length > few && (
        <Button
          look="plain"
          label={livesText.allEntries(sorted.length)}
          onPress={() => setAll(true)}
        />
      )}
    </Part>
  );
}
