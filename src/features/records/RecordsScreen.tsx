/** Everything recorded, in the order of time; how hold and losses came along; and ways to hand it on. */
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { timeline, type Event } from '@/core/mends/timeline';
import { useLook } from '@/features/look/use-look';
import { TableButton } from '@/features/place/TableButton';
import { Trend } from '@/features/yard/Trend';
import { localDayOf, localTimeOf } from '@/store/local-day';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { dayWords } from '@/words/day-words';
import { lossWords } from '@/words/loss-words';
import { count } from '@/words/names';
import { eventWords, mendsTable, readingsTable } from '@/words/record-words';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';

const kinds = [
  ['all', 'All'],
  ['walk', 'Walks'],
  ['mend', 'Mends'],
  ['log', 'Sightings'],
  ['bought', 'Bought'],
] as const;

/** Ten years of it would be a page of thousands of lines. */
const atOnce = 60;

export function RecordsScreen({ yard }: { readonly yard: Yard }) {
  const { found } = useJudgement(yard);
  const look = useLook();
  const { place, walks, mends, sightings, shop } = yard;
  const [kind, setKind] = useState<(typeof kinds)[number][0]>('all');
  const [most, setMost] = useState(atOnce);
  const events = useMemo(
    () => timeline({ walks, mends, sightings, purchases: shop?.purchases ?? [] }, localDayOf),
    [walks, mends, sightings, shop],
  );
  const shown = events.filter((it) => kind === 'all' || it.kind === kind);
  const asked = { place, walks, log: sightings, scenario: look.scenario, date: look.day };
  const trend = useReckoning(useAskedOf('trend', asked));
  const losses = useReckoning(useAskedOf('losses', asked));
  return (
    <Columns
      names={['Records', 'How it came along']}
      head={
        <View style={styles.head}>
          <BackLink href="/mends" name="Mends" />
          <Txt kind="title">{count(events.length, 'record')}</Txt>
          <Chips narrow options={kinds} value={kind} onChoose={setKind} />
        </View>
      }
      left={
        <View style={styles.list}>
          {byDay(shown.slice(0, most)).map(({ date, events: own }) => (
            <View key={date} role="group" aria-label={dayWords(date)} style={styles.day}>
              <Txt kind="strong">{dayWords(date)}</Txt>
              {own.map((event, at) => (
                <Txt key={at} tone={toneOf(event)}>
                  {eventWords(found.place, event)}
                </Txt>
              ))}
            </View>
          ))}
          {shown.length > most && (
            <Button
              look="plain"
              label={`Show more of the ${shown.length}`}
              onPress={() => setMost(most + atOnce)}
            />
          )}
          {shown.length === 0 && <Txt tone="ink2">Nothing of that kind yet.</Txt>}
        </View>
      }
      right={
        <>
          <Part title="Hand it on">
            <View style={styles.links}>
              <LinkRow href="/report" says="A report to print or save as PDF">
                <Txt kind="strong">A report</Txt>
                <Txt tone="holds">Plan, lap, ways in, mends and lists; print it or save as PDF</Txt>
              </LinkRow>
            </View>
            <TableButton
              label="All readings as a table (CSV)"
              name={`${place.id}-readings`}
              table={() => readingsTable(found.place, walks, localTimeOf)}
            />
            <TableButton
              label="All mends as a table (CSV)"
              name={`${place.id}-mends`}
              table={() => mendsTable(found.place, mends, localDayOf)}
            />
            <Txt kind="small" tone="ink2">
              A copy of everything, photos too, is saved on the place page.
            </Txt>
          </Part>
          <View style={styles.trend}>
            {trend.state === 'done' ? (
              <Trend points={trend.answer} />
            ) : (
              <Txt tone="ink2">Hold over time is being worked out …</Txt>
            )}
          </View>
          <Part title="Birds lost in a year, as it stood">
            {losses.state === 'done' ? (
              losses.answer.map(({ date, birds }) => (
                <View key={date} style={styles.line}>
                  <Txt style={styles.when}>{dayWords(date)}</Txt>
                  <Txt kind="label">{lossWords(birds)}</Txt>
                </View>
              ))
            ) : (
              <Txt tone="ink2">
                {losses.state === 'failed'
                  ? 'It could not be worked out in this browser.'
                  : 'Being worked out …'}
              </Txt>
            )}
            <Txt kind="small" tone="ink2">
              After each of the last dozen days walked, all on what threatens now.
            </Txt>
          </Part>
        </>
      }
    />
  );
}

function byDay(events: readonly Event[]): { date: string; events: Event[] }[] {
  const days: { date: string; events: Event[] }[] = [];
  for (const event of events) {
    const last = days.at(-1);
    if (last?.date === event.date) last.events.push(event);
    else days.push({ date: event.date, events: [event] });
  }
  return days;
}

function toneOf(event: Event): 'ink' | 'open' | 'holds' {
  if (event.kind === 'log' && event.entry.what === 'sighting' && event.entry.how === 'loss') {
    return 'open';
  }
  if (event.kind !== 'mend') return 'ink';
  if (event.state === 'held') return 'holds';
  return event.state === 'open' && event.walk !== undefined ? 'open' : 'ink';
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m },
  list: { padding: space.l, gap: space.l, backgroundColor: color.paper },
  day: { gap: space.xs },
  links: { marginHorizontal: -space.l },
  trend: {
    padding: space.l,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  line: { flexDirection: 'row', gap: space.m },
  when: { flex: 1, minWidth: 0 },
});
