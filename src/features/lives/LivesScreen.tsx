/** What lives here: how often each comes by now, what was seen, and what the keeper says of it. */
import { livesText } from '@/words/screens/lives';
import type { ChangeMade } from '@/core/records/change-made';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { applyReadings } from '@/core/records/apply-readings';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import { useLook } from '@/features/look/use-look';
import { isAboutAnimals, type SightingKind } from '@/core/records/sighting';
import type { AnimalId } from '@/core/tables/animals';
import { youngNearDays } from '@/core/tables/attempting';
import type { Yard } from '@/store/records';
import type { Place } from '@/core/place/place';
import { lossOn } from '@/core/records/flock-on';
import { useChanges, type NewEntry } from '@/store/use-changes';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { regionNames } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { CameraNights } from './CameraNights';
import { EntryDetails } from './EntryDetails';
import { LivesHere } from './LivesHere';
import { LogAnimal } from './LogAnimal';
import { LogList } from './LogList';

export function LivesScreen({ yard }: { readonly yard: Yard }) {
  const { place, walks, sightings } = yard;
  const { today } = useLook();
  const { change } = useEdit();
  const { logEntry, changeEntry } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  /** The entry just made: its when and where are asked for. */
  const [fresh, setFresh] = useState<string>();
  const failed = (error: unknown) => setTrouble(notSavedWords(error));
  const log = (made: ChangeMade, entry: NewEntry) => {
    setTrouble(undefined);
    logEntry(made, entry).then(setFresh, failed);
  };
  const found = useMemo(() => applyReadings(place, walks).place, [place, walks]);
  const ofAnimals = sightings.filter(isAboutAnimals);
  const entry = ofAnimals.find(({ id }) => id === fresh);
  const { lives, region } = place.setting;
  return (
    <Columns
      names={[livesText.whoComesAndHowOften, livesText.theLogAndWhoIs]}
      head={
        <View style={styles.head}>
          <BackLink href="/place" name={livesText.place} />
          <Txt kind="title">{livesText.whatLivesHere}</Txt>
          <Txt tone="ink2">{livesText.reckonedFromWhatLiesNearMoved(regionNames[region])}</Txt>
          {trouble && <Notice>{trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <View>
          {entry && (
            <EntryDetails
              key={entry.id}
              place={found}
              entry={entry}
              today={today}
              onChange={(work) => {
                setTrouble(undefined);
                changeEntry('entry-of-the-log', entry.id, (it) =>
                  isAboutAnimals(it) ? work(it) : it,
                ).catch(failed);
              }}
            />
          )}
          <Part title={livesText.whoComesAndHowOftenNow}>
            <View>
              {lives.map((id) => (
                <LogAnimal
                  key={id}
                  place={place}
                  log={sightings}
                  id={id}
                  today={today}
                  onLog={(how) => log('entry-of-the-log', entryOf(place, id, how, today))}
                />
              ))}
            </View>
            <Button
              look="plain"
              label={livesText.somethingUnknown}
              onPress={() =>
                log('entry-of-the-log', { what: 'sighting', how: 'seen', date: today })
              }
            />
          </Part>
        </View>
      }
      right={
        <View>
          <CameraNights
            onLog={(nights) => log('camera-nights', { what: 'quiet-camera', nights, date: today })}
          />
          <LogList place={place} log={ofAnimals} onOpen={setFresh} />
          <LivesHere place={place} onChange={(work) => change('what-lives-here', work)} />
        </View>
      }
    />
  );
}

function entryOf(
  place: Place,
  animal: AnimalId,
  how: SightingKind | 'loss' | 'young',
  date: string,
): NewEntry {
  if (how === 'loss') return { ...lossOn(place, date), animal };
  if (how === 'young')
    return { what: 'young-near', animal, weeks: youngNearDays.value / daysInWeek, date };
  return { what: 'sighting', animal, how, date };
}

const daysInWeek = 7;

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.s } });
