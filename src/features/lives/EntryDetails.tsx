/** The entry just logged: which day it was, and where on the lap. Both may be left as they are. */
import { livesText } from '@/words/screens/lives';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import type { AnimalEntry } from '@/core/records/sighting';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { Lap } from '@/ui/drawings/Lap';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWidth } from '@/ui/theme/use-width';
import { NumberField } from '@/features/edit/NumberField';
import { LossDetails } from './LossDetails';
import { SightingDetails } from './SightingDetails';
import { dayWords } from '@/words/day-words';

interface Props {
  readonly place: Place;
  readonly entry: AnimalEntry;
  readonly today: string;
  /** Changes the entry as it then stands. */
  readonly onChange: (work: (entry: AnimalEntry) => AnimalEntry) => void;
}

export function EntryDetails({ place, entry, today, onChange }: Props) {
  const { width, onLayout } = useWidth(usePageWidth('left') - 2 * space.l);
  const [where, setWhere] = useState(false);
  const days = daysBack(today);
  const options = days.some(([day]) => day === entry.date)
    ? days
    : [...days, [entry.date, dayWords(entry.date)] as const];
  return (
    <Part title={livesText.logged(place, entry)}>
      <Choice
        label={livesText.when}
        options={options}
        value={entry.date}
        onChange={(date) => onChange((it) => ({ ...it, date }))}
      />
      {entry.what === 'sighting' && (
        <SightingDetails
          place={place}
          sighting={entry}
          onChange={(work) => onChange((it) => (it.what === 'sighting' ? work(it) : it))}
        />
      )}
      {entry.what === 'young-near' && (
        <NumberField
          label={livesText.forSoManyWeeks}
          value={entry.weeks}
          least={1}
          most={30}
          whole
          onChange={(weeks) =>
            weeks !== undefined &&
            onChange((it) => (it.what === 'young-near' ? { ...it, weeks } : it))
          }
        />
      )}
      {entry.what === 'loss' && (
        <LossDetails
          place={place}
          loss={entry}
          onChange={(work) => onChange((it) => (it.what === 'loss' ? work(it) : it))}
        />
      )}
      {(entry.what === 'sighting' || entry.what === 'loss') && (
        <View style={styles.where} onLayout={onLayout}>
          <Button
            look="plain"
            label={where ? livesText.closeTheLap : livesText.whereOnTheLap}
            onPress={() => setWhere(!where)}
          />
          {where && (
            <>
              <Txt kind="small" tone="ink2">
                {livesText.slideItTouchTheBay}
              </Txt>
              <Lap
                place={place}
                marks={noMarks}
                ways={[]}
                selected={entry.bay}
                onSelect={(bay) =>
                  onChange((it) =>
                    it.what === 'sighting' || it.what === 'loss' ? { ...it, bay } : it,
                  )
                }
                width={width}
                whole={false}
                day={today}
              />
            </>
          )}
        </View>
      )}
    </Part>
  );
}

const noMarks = new Map();

function daysBack(today: string): (readonly [day: string, name: string])[] {
  const names = [
    livesText.today,
    livesText.lastNight,
    livesText.daysAgo(2),
    livesText.daysAgo(3),
    livesText.aWeekAgo,
  ];
  return [0, 1, 2, 3, 7].map((back, index) => {
    const day = new Date(Date.parse(today) - back * 86_400_000).toISOString().slice(0, 10);
    return [day, names[index] ?? day] as const;
  });
}

const styles = StyleSheet.create({ where: { gap: space.s } });
