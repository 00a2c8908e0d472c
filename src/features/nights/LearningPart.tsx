/** Birds that must be looked for at dusk: new ones, young ones, all of them after a pen was moved. */
import { View } from 'react-native';
import { useState } from 'react';
import { learningOn } from '@/core/nights/away';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { learningEvenings, learningReasons, type LearningReason } from '@/core/tables/shutting';
import type { Edit } from '@/features/edit/use-edit';
import { useChanges } from '@/store/use-changes';
import { Choice } from '@/ui/controls/Choice';
import { Chips } from '@/ui/controls/Chips';
import { EntryRow } from '@/ui/controls/EntryRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { groupName } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { nightsText } from '@/words/screens/nights';

interface Props {
  readonly place: Place;
  readonly log: readonly LogEntry[];
  readonly tonight: string;
  readonly edit: Edit;
}

const all = '';

export function LearningPart({ place, log, tonight, edit }: Props) {
  const { logEntry, removeEntry } = useChanges();
  const [group, setGroup] = useState(all);
  const said = (error: unknown) => edit.setTrouble(notSavedWords(error));
  const begin = (why: LearningReason) =>
    void logEntry('birds-that-learn', {
      what: 'learning',
      date: tonight,
      why,
      nights: learningEvenings[why].value,
      ...(group !== all && { group }),
    }).catch(said);
  return (
    <Part title={nightsText.learning}>
      <Txt tone="ink2">{nightsText.learningWhy}</Txt>
      <View>
        {learningOn(log, tonight).map((it) => {
          const words = nightsText.learningIs(place, it);
          return (
            <EntryRow
              key={it.id}
              acts={[
                {
                  label: nightsText.takeOut,
                  says: nightsText.takeItOut(words),
                  onPress: () => void removeEntry(it.id).catch(said),
                },
              ]}
            >
              <Txt kind="strong">{words}</Txt>
            </EntryRow>
          );
        })}
      </View>
      {place.flock.length > 1 && (
        <Choice
          label={nightsText.ofWhich}
          options={[
            [all, nightsText.allBirds] as const,
            ...place.flock.map((it) => [it.id, groupName(it)] as const),
          ]}
          value={group}
          onChange={setGroup}
        />
      )}
      <Chips
        options={learningReasons.map((it) => [it, nightsText.learningName(it)] as const)}
        value={undefined}
        onChoose={begin}
      />
    </Part>
  );
}
