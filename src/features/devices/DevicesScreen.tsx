/** What measures by itself: which devices there are and where, what they said that is out of the ordinary, and how their readings come in. */
import { StyleSheet, View } from 'react-native';
import { newsOf } from '@/core/devices/news';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { devicesText } from '@/words/screens/devices';
import { AddDevice } from './AddDevice';
import { DeviceRow } from './DeviceRow';
import { ImportPart } from './ImportPart';
import { NewsRow } from './NewsRow';
import { PlayedPart } from './PlayedPart';

export function DevicesScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const today = useToday();
  const { place } = useJudgement(yard).found;
  const { devices = [] } = yard.place;
  const news = newsOf(place, yard.sightings, today);
  return (
    <Columns
      names={[devicesText.devices, devicesText.fromAFile]}
      head={
        <View style={styles.head}>
          <BackLink href="/" name={devicesText.yard} />
          <Txt kind="title">{devicesText.title(devices.length)}</Txt>
          <Txt tone="ink2">{devicesText.under}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          {news.length > 0 && (
            <Part title={devicesText.outOfTheOrdinary}>
              <View role="list" style={styles.rows}>
                {news.map((it) => (
                  <NewsRow
                    key={`${it.news} ${it.device.id} ${'night' in it ? it.night : ''}`}
                    news={it}
                  />
                ))}
              </View>
            </Part>
          )}
          {devices.length > 0 && (
            <Part title={devicesText.yours}>
              {devices.map((device) => (
                <DeviceRow
                  key={device.id}
                  device={device}
                  place={place}
                  log={yard.sightings}
                  edit={edit}
                />
              ))}
            </Part>
          )}
          <AddDevice edit={edit} />
        </>
      }
      right={
        <>
          <ImportPart place={place} edit={edit} />
          <PlayedPart place={place} today={today} edit={edit} />
        </>
      }
    />
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  rows: { marginHorizontal: -space.l },
});
