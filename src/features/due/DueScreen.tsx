/** What falls due: one list, nearest first, each done in a tap or opening what does it; rounds of one's own; the calendar file. */
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Due } from '@/core/rounds/due';
import { letsIn } from '@/core/rounds/lets-in';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { dueText } from '@/words/screens/due';
import { CalendarPart } from './CalendarPart';
import { DueRow } from './DueRow';
import { OwnRounds } from './OwnRounds';
import { useDue } from './use-due';
import { WeatherPart } from './WeatherPart';

export function DueScreen({ yard }: { readonly yard: Yard }) {
  const edit = useEdit();
  const { place } = useJudgement(yard).found;
  const { now, later, today } = useDue(yard);
  const { place: structure, walks, sightings: log } = yard;
  const lets = useMemo(
    () =>
      new Map(
        [...now, ...later].map((it) => [
          it.id,
          letsIn({ place: structure, walks, log, today }, it.of),
        ]),
      ),
    [now, later, structure, walks, log, today],
  );
  const rows = (all: readonly Due[]) => (
    <View role="list" style={styles.rows}>
      {all.map((it) => (
        <DueRow
          key={it.id}
          due={it}
          place={place}
          today={today}
          edit={edit}
          letsIn={lets.get(it.id)}
        />
      ))}
    </View>
  );
  return (
    <Columns
      names={[dueText.due, dueText.calendar]}
      head={
        <View style={styles.head}>
          <BackLink href="/" name={dueText.yard} />
          <Txt kind="title">{dueText.title(now.length, later[0])}</Txt>
          <Txt tone="ink2">{dueText.under}</Txt>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          {now.length > 0 && <Part title={dueText.now}>{rows(now)}</Part>}
          {later.length > 0 && <Part title={dueText.later}>{rows(later)}</Part>}
        </>
      }
      right={
        <>
          <WeatherPart today={today} edit={edit} />
          <OwnRounds log={yard.sightings} today={today} edit={edit} />
          <CalendarPart place={place} due={[...now, ...later]} today={today} />
          <View style={styles.links}>
            <LinkRow href="/mends/due" says={dueText.looks}>
              <Txt kind="strong" tone="holds">
                {dueText.looks}
              </Txt>
            </LinkRow>
          </View>
        </>
      }
    />
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  rows: { marginHorizontal: -space.l },
  links: { marginTop: space.m },
});
