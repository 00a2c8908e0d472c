/** The place itself: what it is, what lives near it, its file in and out. */
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { areaOf, closeOutline } from '@/core/place/outline';
import type { Place } from '@/core/place/place';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { distanceWords, lengthWords } from '@/words/length-words';
import { capital, count, regionNames } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { useState } from 'react';
import { FileBlock } from './FileBlock';
import { LivesHere } from './LivesHere';

export function PlaceScreen({ yard }: { readonly yard: Yard }) {
  const { changePlace } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const { place } = yard;
  const change = (work: (place: Place) => Place) => {
    setTrouble(undefined);
    changePlace(work).catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <Screen>
      <View style={styles.head}>
        <Txt kind="title">{place.name}</Txt>
        {place.zones.map((zone) => (
          <Txt key={zone.id} tone="ink2">
            {zoneWords(place, zone)}
          </Txt>
        ))}
        <Txt tone="ink2">
          {place.flock
            .map((group) => `${group.count} ${group.kind === 'bantam' ? 'bantams' : group.kind}`)
            .join(', ')}
          ; {regionNames[place.setting.region]}.
        </Txt>
        {trouble && <Notice>{trouble}</Notice>}
      </View>
      <View style={styles.part}>
        <Txt kind="heading">Units</Txt>
        <View style={styles.row}>
          {(['metric', 'imperial'] as const).map((units) => (
            <Button
              key={units}
              look="chip"
              label={units === 'metric' ? 'mm and metres' : 'inches and feet'}
              selected={place.units === units}
              onPress={() => change((it) => ({ ...it, units }))}
              style={styles.half}
            />
          ))}
        </View>
      </View>
      <LivesHere place={place} onChange={change} />
      <FileBlock yard={yard} />
      <View style={styles.part}>
        <Txt kind="heading">How it judges</Txt>
        <Link href="/figures" style={styles.link}>
          <Txt kind="strong" tone="holds">
            Every figure and its source
          </Txt>
        </Link>
      </View>
    </Screen>
  );
}

function zoneWords({ units }: Place, zone: Place['zones'][number]): string {
  const { points, perimeter, misclosure } = closeOutline(zone.outline);
  const area = areaOf(points) / 1_000_000;
  const size = units === 'metric' ? `${area.toFixed(1)} m²` : `${Math.round(area * 10.764)} sq ft`;
  const round = `${capital(zone.name)}: ${distanceWords(perimeter, units)} round, ${size}, ${count(zone.outline.sides.length, 'side')}`;
  return misclosure < worthSaying
    ? `${round}.`
    : `${round}. As paced it misses its start by ${lengthWords(Math.round(misclosure), units)}, shared out along the sides.`;
}

/** A paced walk that closes to this is exact, mm. */
const worthSaying = 1;

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  part: {
    padding: space.l,
    gap: space.m,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
  link: { paddingVertical: space.s },
});
