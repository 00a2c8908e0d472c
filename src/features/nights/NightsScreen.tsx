/** The nights: the last sixty as they went, who misses how often, nights away, birds to look for. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { isEveningLogKept } from '@/core/nights/evening-now';
import { lastNights, nightsByYear, type NightMark } from '@/core/nights/history';
import { TableButton } from '@/features/place/TableButton';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import { duskAt, useEveningAt } from '@/features/shut/use-evening';
import { localTimeOf } from '@/store/local-day';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { NightMarks } from '@/ui/drawings/NightMarks';
import { color, space } from '@/ui/theme/tokens';
import { nightsTable } from '@/words/night-table';
import { nightsText } from '@/words/screens/nights';
import { AwayPart } from './AwayPart';
import { LearningPart } from './LearningPart';
import { WhoPart } from './WhoPart';

const sixty = 60;
/** So long somebody may still know how a night was. */
const week = 7;

export function NightsScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const { sightings: log } = yard;
  const { place } = useJudgement(yard).found;
  const { tonight } = useEveningAt(place, log, undefined);
  const marks = useMemo(
    () => lastNights(place, log, tonight, sixty, (date) => duskAt(place, date)),
    [place, log, tonight],
  );
  const years = useMemo(() => nightsByYear(place, log), [place, log]);
  const said = marks.filter(({ state }) => state !== 'not-known');
  const missed = said.filter(({ state }) => state === 'missed');
  return (
    <Columns
      names={[nightsText.nights, nightsText.who]}
      head={
        <View style={styles.head}>
          <BackLink href="/" name={nightsText.yard} />
          <Txt kind="title">{nightsText.title(missed.length, said.length)}</Txt>
          <Txt tone="ink2">{nightsText.under(marks.length - said.length, marks.length)}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <NightMarks marks={marks} column="left" />
          <Txt kind="small" tone="ink2">
            {nightsText.legend}
          </Txt>
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          <UnsaidPart marks={marks.slice(-week - 1, -1)} log={log} />
          <AmissPart marks={marks} place={place} />
          <AwayPart yard={yard} place={place} tonight={tonight} edit={edit} />
        </>
      }
      right={
        <>
          <WhoPart place={place} log={log} />
          <LearningPart place={place} log={log} tonight={tonight} edit={edit} />
          {years.length > 0 && (
            <Part title={nightsText.years}>
              {years.map(({ year, shut, missed: open }) => (
                <View key={year} style={styles.line}>
                  <Txt kind="strong">{year}</Txt>
                  <Txt tone="ink2">{nightsText.year(shut, open)}</Txt>
                </View>
              ))}
              <TableButton
                label={nightsText.table}
                name={`${place.id}-nights`}
                table={() => nightsTable(place, log, localTimeOf)}
              />
            </Part>
          )}
        </>
      }
    />
  );
}

/** Nights of the last week of which nobody said anything, since evenings are written down here. */
function UnsaidPart({
  marks,
  log,
}: {
  readonly marks: readonly NightMark[];
  readonly log: Yard['sightings'];
}) {
  const unsaid = marks
    .filter(({ state, date }) => state === 'not-known' && isEveningLogKept(log, date))
    .reverse();
  if (unsaid.length === 0) return null;
  return (
    <Part title={nightsText.unsaid}>
      <View style={styles.rows}>
        {unsaid.map(({ date }) => (
          <LinkRow
            key={date}
            href={{ pathname: '/shut', params: { night: date } }}
            says={nightsText.sayNight(date)}
          >
            <Txt kind="strong">{nightsText.dayOf(date)}</Txt>
          </LinkRow>
        ))}
      </View>
    </Part>
  );
}

/** Nights that were missed, or late by more than half an hour. */
function AmissPart({
  marks,
  place,
}: {
  readonly marks: readonly NightMark[];
  readonly place: Parameters<typeof nightsText.night>[0];
}) {
  const shown = marks
    .filter(({ state, late = 0 }) => state === 'missed' || late > minutesLate)
    .reverse();
  return (
    <Part title={nightsText.amiss}>
      {shown.length === 0 && <Txt tone="ink2">{nightsText.noneAmiss}</Txt>}
      <View style={styles.rows}>
        {shown.map(({ date, night, late }) => (
          <LinkRow
            key={date}
            href={{ pathname: '/shut', params: { night: date } }}
            says={nightsText.sayNight(date)}
          >
            <Txt kind="strong">{nightsText.dayOf(date)}</Txt>
            <Txt tone="ink2">{nightsText.night(place, night)}</Txt>
            {late !== undefined && late > minutesLate && (
              <Txt tone="ink2">{nightsText.late(late)}</Txt>
            )}
          </LinkRow>
        ))}
      </View>
    </Part>
  );
}

const minutesLate = 30;

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  rows: { marginHorizontal: -space.l },
  line: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    gap: space.m,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
});
