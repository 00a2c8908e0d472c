/** The losses that were logged, newest first, and one more in a tap. */
import { useState } from 'react';
import { View } from 'react-native';
import { lossOn } from '@/core/records/flock-on';
import { isAboutAnimals, type Loss } from '@/core/records/sighting';
import type { Edit } from '@/features/edit/use-edit';
import { EntryDetails } from '@/features/lives/EntryDetails';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { EntryRow } from '@/ui/controls/EntryRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { entryWords } from '@/words/log-words';
import { notSavedWords } from '@/words/not-saved-words';
import { livedText } from '@/words/screens/lived';

interface Props {
  readonly yard: Yard;
  readonly today: string;
  readonly edit: Edit;
}

export function LossesPart({ yard: { place, sightings }, today, edit }: Props) {
  const { logEntry, changeEntry, removeEntry } = useChanges();
  const [open, setOpen] = useState<string>();
  const losses = sightings
    .filter((entry): entry is Loss => entry.what === 'loss')
    .sort((a, b) => b.date.localeCompare(a.date));
  const shown = losses.find(({ id }) => id === open);
  const said = (error: unknown) => edit.setTrouble(notSavedWords(error));
  return (
    <>
      {shown && (
        <EntryDetails
          key={shown.id}
          place={place}
          entry={shown}
          today={today}
          onChange={(work) =>
            void changeEntry('entry-of-the-log', shown.id, (it) =>
              isAboutAnimals(it) ? work(it) : it,
            ).catch(said)
          }
        />
      )}
      <Part title={livedText.losses}>
        {losses.length === 0 && <Txt tone="ink2">{livedText.noneLogged}</Txt>}
        <View>
          {losses.map((loss) => (
            <EntryRow
              key={loss.id}
              acts={[
                {
                  label: livedText.change,
                  says: livedText.changeIt(place, loss),
                  onPress: () => setOpen(loss.id),
                },
                {
                  label: livedText.takeOut,
                  says: livedText.takeItOut(place, loss),
                  onPress: () => void removeEntry(loss.id).catch(said),
                },
              ]}
            >
              <Txt kind="strong">{entryWords(place, loss)}</Txt>
              <Txt tone="ink2">{livedText.on(loss.date)}</Txt>
            </EntryRow>
          ))}
        </View>
        <Button
          look="plain"
          label={livedText.logALoss}
          onPress={() =>
            void logEntry('entry-of-the-log', lossOn(place, today)).then(setOpen, said)
          }
        />
      </Part>
    </>
  );
}
