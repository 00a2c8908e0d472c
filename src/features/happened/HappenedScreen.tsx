/** The morning after, first of all: cautions, how many and which birds; written down before anything else is asked. */
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { nightOf } from '@/core/nights/calendar';
import { daysLater } from '@/core/schema/day';
import { mostOf } from '@/core/place/group-on';
import { groupAfter } from '@/core/records/flock-on';
import { kindOf, signsOfCount } from '@/core/signs/questions';
import { DayField } from '@/features/edit/DayField';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useNow } from '@/store/use-now';
import { useToday } from '@/store/use-today';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Choice } from '@/ui/controls/Choice';
import { Notice } from '@/ui/controls/Notice';
import { Stepper } from '@/ui/controls/Stepper';
import { Txt } from '@/ui/controls/Txt';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { groupName } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { happenedText } from '@/words/screens/happened';

type Time = 'last-night' | 'today' | 'night-before' | 'other';

/** More in one night is a slip. */
const most = 10_000;

export function HappenedScreen({ yard: { place, sightings } }: { readonly yard: Yard }) {
  const router = useRouterHere();
  const { logEntry } = useChanges();
  const today = useToday();
  const now = useNow();
  const [time, setTime] = useState<Time>('last-night');
  const [day, setDay] = useState<string>();
  const [group, setGroup] = useState(place.flock[0]?.id);
  const [counts, setCounts] = useState({ gone: 1, dead: 0, hurt: 0, eggs: 0 });
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const tonight = nightOf(now, place.setting.position, -now.getTimezoneOffset());
  // In the evening the night that was is yesterday's.
  const lastNight = tonight === today ? daysLater(tonight, -1) : tonight;
  const dates: Readonly<Record<Time, string>> = {
    'last-night': lastNight,
    today,
    'night-before': daysLater(lastNight, -1),
    other: day ?? lastNight,
  };
  const { gone, dead, hurt, eggs } = counts;
  const own = place.flock.find(({ id }) => id === group);
  const there = own ? mostOf(groupAfter(own, sightings, dates[time])) : most;
  const steppers = [
    ['gone', happenedText.gone, Math.max(0, there - dead)],
    ['dead', happenedText.dead, Math.max(0, there - gone)],
    ['hurt', happenedText.hurt, there],
    ['eggs', happenedText.eggs, most],
  ] as const;
  const write = () => {
    setBusy(true);
    setTrouble(undefined);
    logEntry('a-loss', {
      what: 'loss',
      date: dates[time],
      birds: gone + dead,
      ...(dead > 0 && { dead }),
      ...(hurt > 0 && { hurt }),
      ...(eggs > 0 && { eggs }),
      ...(group !== undefined && { group, fewer: gone + dead }),
      signs: [
        ...signsOfCount(counts, kindOf(place, group)),
        ...(time === 'today' ? [{ question: 'hour', answer: 'day' } as const] : []),
      ],
    }).then(
      (loss) => router.replace({ pathname: '/happened/[loss]', params: { loss } }),
      (error: unknown) => {
        setBusy(false);
        setTrouble(notSavedWords(error));
      },
    );
  };
  return (
    <View style={styles.page}>
      <ScrollView style={styles.grow}>
        <View style={styles.head}>
          <BackLink href="/" name={happenedText.yard} />
          <Txt kind="title">{happenedText.whatHappened}</Txt>
          <Txt kind="strong">{happenedText.first}</Txt>
          <Notice tone="hours">{happenedText.cautions}</Notice>
          {trouble && <Notice>{trouble}</Notice>}
        </View>
        <View style={styles.form}>
          <View style={styles.steppers}>
            {steppers.map(([key, label, upper]) => (
              <Stepper
                key={key}
                label={label}
                value={counts[key]}
                most={upper}
                saysLess={happenedText.fewerOf(label)}
                saysMore={happenedText.moreOf(label)}
                onChange={(value) => setCounts((now) => ({ ...now, [key]: value }))}
              />
            ))}
          </View>
          {place.flock.length > 1 && (
            <Choice
              label={happenedText.whichBirds}
              options={place.flock.map((it) => [it.id, groupName(it)] as const)}
              value={group}
              onChange={setGroup}
            />
          )}
          <Choice
            label={happenedText.night}
            options={[
              ['last-night', happenedText.lastNight],
              ['today', happenedText.today],
              ['night-before', happenedText.nightBefore],
              ['other', happenedText.other],
            ]}
            value={time}
            onChange={setTime}
          />
          {time === 'other' && (
            <DayField
              label={happenedText.theDay}
              day={day}
              onChange={(it) => setDay(it !== undefined && it <= today ? it : undefined)}
            />
          )}
          <Txt tone="ink2">{happenedText.thenAsked}</Txt>
        </View>
      </ScrollView>
      <View style={styles.foot}>
        <Button
          label={happenedText.writeDown(gone, dead, hurt)}
          disabled={busy}
          onPress={write}
          style={styles.main}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s, maxWidth: readableWidth },
  form: {
    paddingHorizontal: space.l,
    paddingBottom: space.l,
    gap: space.l,
    maxWidth: readableWidth,
  },
  steppers: { gap: space.s },
  main: { minHeight: 64 },
  page: { flex: 1, backgroundColor: color.field },
  grow: { flex: 1 },
  foot: {
    padding: space.m,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
});
