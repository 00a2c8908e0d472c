/** One animal of the list: how often it comes now, how the log moved that, and two taps to log it. */
import { livesText } from '@/words/screens/lives';
import { Link } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { sightingKinds, type LogEntry, type SightingKind } from '@/core/records/sighting';
import { rateHistory } from '@/core/score/rate-history';
import { expectedVisits } from '@/core/score/visits';
import { animals, type AnimalId } from '@/core/tables/animals';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { rateWords } from '@/words/animal-words';
import { animalName } from '@/words/headline';
import { capital } from '@/words/names';
import { logNames } from '@/words/log-words';
import { RateChart } from './RateChart';

interface Props {
  readonly place: Place;
  readonly log: readonly LogEntry[];
  readonly id: AnimalId;
  readonly today: string;
  readonly onLog: (how: SightingKind | 'loss' | 'young') => void;
}

export function LogAnimal({ place, log, id, today, onLog }: Props) {
  const [open, setOpen] = useState(false);
  const animal = animals[id];
  const name = animalName(id);
  const ways = [
    ...sightingKinds.filter((how) => how !== 'shocked' || place.fence),
    'loss',
    'young',
  ] as const;
  return (
    <View style={styles.row}>
      <View style={styles.line}>
        <View style={styles.words}>
          <Link href={{ pathname: '/animal/[animal]', params: { animal: id } }} style={styles.name}>
            <Txt kind="strong">{name}</Txt>
          </Link>
          <Txt tone="ink2">{capital(rateWords(expectedVisits(place, animal, log, today)))}</Txt>
        </View>
        <Button
          look="key"
          label={open ? livesText.close : livesText.logIt}
          says={open ? livesText.closeFor(name) : livesText.log(name)}
          onPress={() => setOpen(!open)}
          style={styles.button}
        />
      </View>
      {open && (
        <View role="group" aria-label={livesText.howIsItKnownThat(name)} style={styles.how}>
          {ways.map((how) => (
            <Button
              key={how}
              look="chip"
              label={logNames[how][0]}
              says={livesText.logToday(name, logNames[how][0])}
              onPress={() => {
                setOpen(false);
                onLog(how);
              }}
              style={styles.chip}
            />
          ))}
        </View>
      )}
      {log.length > 0 && <RateChart name={name} history={rateHistory(place, animal, log, today)} />}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
    gap: space.s,
  },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  words: { flex: 1 },
  name: { minHeight: touch / 2, paddingVertical: space.xs },
  button: { minWidth: 88 },
  how: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 96, paddingHorizontal: space.m },
});
