/** Everything recorded, in the order of time; how hold and losses came along; and ways to hand it on. */
import { recordsText } from '@/words/screens/records';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { timeline, type Event } from '@/core/mends/timeline';
import type { LogEntry } from '@/core/records/sighting';
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
import { count } from '@/words/names';
import { nightsTable } from '@/words/night-table';
import { eventWords, mendsTable, readingsTable } from '@/words/record-words';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';

const kinds = [
  ['all', 'All'],
  ['walk', recordsText.walks],
  ['mend', recordsText.mends],
  ['log', recordsText.sightings],
  ['evening', recordsText.evenings],
  ['bought', recordsText.bought],
] as const;

/** What was said of evenings is told apart from what was seen. */
function kindOf(event: Event): (typeof kinds)[number][0] {
  return event.kind === 'log' && ofEvenings.includes(event.entry.what) ? 'evening' : event.kind;
}

const ofEvenings: readonly LogEntry['what'][] = ['evening', 'away', 'learning'];

/** Ten years of it would be a page of thousands of lines. */
const atOnce = 60;

export function RecordsScreen({ yard }: { readonly yard: Yard }) {
  const { found, birds } = useJudgement(yard);
  const look = useLook();
  const { place, walks, mends, sightings, shop } = yard;
  const [kind, setKind] = useState<(typeof kinds)[number][0]>('all');
  const [most, setMost] = useState(atOnce);
  const [isOldestFirst, setOldestFirst] = useState(false);
  const events = useMemo(
    () => timeline({ walks, mends, sightings, purchases: shop?.purchases ?? [] }, localDayOf),
    [walks, mends, sightings, shop],
  );
  const ofKind = events.filter((it) => kind === 'all' || kindOf(it) === kind);
  const shown = isOldestFirst ? [...ofKind].reverse() : ofKind;
  const asked = { place, walks, log: sightings, scenario: look.scenario, date: look.day };
  const trend = useReckoning(useAskedOf('trend', asked));
  const losses = useReckoning(useAskedOf('losses', asked));
  return (
    <Columns
      names={[recordsText.records, recordsText.howItCameAlong]}
      head={
        <View style={styles.head}>
          <BackLink href="/mends" name={recordsText.mends} />
          <Txt kind="title">{count(events.length, 'record')}</Txt>
          <Chips narrow options={kinds} value={kind} onChoose={setKind} />
          {events.length > 1 && (
            <Button
              look="plain"
              label={isOldestFirst ? recordsText.newestFirst : recordsText.oldestFirst}
              onPress={() => setOldestFirst(!isOldestFirst)}
              style={styles.turn}
            />
          )}
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
              label={recordsText.showMoreOfThe(shown.length)}
              onPress={() => setMost(most + atOnce)}
            />
          )}
          {shown.length === 0 && <Txt tone="ink2">{recordsText.nothingOfThatKindYet}</Txt>}
        </View>
      }
      right={
        <>
          <Part title={recordsText.handItOn}>
            <View style={styles.links}>
              <LinkRow href="/report" says={recordsText.aReportToPrintOr}>
                <Txt kind="strong">{recordsText.aReport}</Txt>
                <Txt tone="holds">{recordsText.planLapWaysInMends}</Txt>
              </LinkRow>
            </View>
            <TableButton
              label={recordsText.allReadingsAsATable}
              name={`${place.id}-readings`}
              table={() => readingsTable(found.place, walks, localTimeOf)}
            />
            <TableButton
              label={recordsText.allMendsAsATable}
              name={`${place.id}-mends`}
              table={() => mendsTable(found.place, mends, localDayOf)}
            />
            <TableButton
              label={recordsText.allNightsAsATable}
              name={`${place.id}-nights`}
              table={() => nightsTable(found.place, sightings, localTimeOf)}
            />
            <Txt kind="small" tone="ink2">
              {recordsText.aCopyOfEverythingPhotos}
            </Txt>
          </Part>
          <View style={styles.trend}>
            {trend.state === 'done' ? (
              <Trend points={trend.answer} />
            ) : (
              <Txt tone="ink2">{recordsText.holdOverTimeIsBeing}</Txt>
            )}
          </View>
          <Part title={recordsText.birdsLostInAYear}>
            {losses.state === 'done' ? (
              losses.answer.map(({ date, band }) => (
                <View key={date} style={styles.line}>
                  <Txt style={styles.when}>{dayWords(date)}</Txt>
                  <Txt kind="label">{recordsText.ofFlock(band, birds)}</Txt>
                </View>
              ))
            ) : (
              <Txt tone="ink2">
                {losses.state === 'failed'
                  ? recordsText.itCouldNotBeWorked
                  : recordsText.beingWorkedOut}
              </Txt>
            )}
            <Txt kind="small" tone="ink2">
              {recordsText.afterEachOfTheLast}
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
  if (event.kind === 'log' && event.entry.what === 'loss') return 'open';
  if (event.kind !== 'mend') return 'ink';
  if (event.state === 'held') return 'holds';
  return event.state === 'open' && event.walk !== undefined ? 'open' : 'ink';
}

const styles = StyleSheet.create({
  turn: { alignSelf: 'flex-start' },
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
