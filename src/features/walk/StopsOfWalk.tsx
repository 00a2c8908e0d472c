/** The walk in hand: how far it is, what comes next, every stop to go to, in any order. */
import { stopText } from '@/words/screens/stop';
import { walkText } from '@/words/screens/walk';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Walk } from '@/core/records/walk';
import type { Judgement } from '@/core/score/judge';
import { type Question } from '@/core/walk/questions';
import { walkSections, type WalkSection } from '@/core/attributes/attribute';
import type { Stop } from '@/core/walk/stops';
import { minutesLeft } from '@/core/walk/time-left';
import { useToday } from '@/store/use-today';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { Lap } from '@/ui/drawings/Lap';
import { lineCode } from '@/ui/theme/line-code';
import { color, readableWidth, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useWidth } from '@/ui/theme/use-width';
import { capital } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { isCheck } from '@/core/attributes';
import { questionWords } from '@/words/attributes';
import { sectionNames, purposeNames, stopName } from '@/words/walk-words';
import { FilledBar } from './FilledBar';
import { stopWith, type WalkInHand } from './use-walk';

interface Props {
  readonly judgement: Judgement;
  readonly inHand: WalkInHand;
  readonly walk: Walk;
}

export function StopsOfWalk({ judgement, inHand, walk }: Props) {
  const router = useRouter();
  const { putOff } = useChanges();
  const today = useToday();
  const wide = useWide();
  const { width, onLayout } = useWidth(usePageWidth('full'));
  const [trouble, setTrouble] = useState<string>();
  const { place } = judgement.found;
  const { stops, anotherDay, questions, done, next } = inHand;
  const isDone = (id: string) => done.has(id);
  const minutes = minutesLeft(stops, walk, isDone);
  const go = (question: Question) =>
    router.push({ pathname: '/walk/[question]', params: { question: question.id } });
  const nextStop = next && stopWith(stops, next.id);
  const firstOf = (stop: Stop) => stop.questions.find(({ id }) => !isDone(id)) ?? stop.questions[0];
  return (
    <Screen full>
      <View style={styles.head}>
        <Txt kind="title">{walkText.walkInHand}</Txt>
        <Txt tone="ink2">
          {walkText.inHand({
            purpose: purposeNames[walk.purpose ?? 'full'][0],
            begun: walk.date,
            taken: done.size,
            of: questions.length,
            minutes,
            waysIn: judgement.waysIn.length,
          })}
        </Txt>
        {trouble && <Notice>{trouble}</Notice>}
        {next && nextStop && (
          <Button
            label={stopText.goOnByStops(place, nextStop)}
            onPress={() =>
              router.push({ pathname: '/walk/stop/[stop]', params: { stop: nextStop.id } })
            }
          />
        )}
        {next && nextStop && (
          <Button
            look="plain"
            label={walkText.goOn(place, nextStop, questionWords(next, place).short)}
            onPress={() => go(next)}
          />
        )}
        <Button
          look={next ? 'plain' : 'main'}
          label={walkText.toTheEndOfThe}
          onPress={() => router.push('/walk/end')}
        />
      </View>
      <View style={styles.bar}>
        <FilledBar
          stops={stops}
          isDone={isDone}
          here={nextStop?.id}
          open={new Set(judgement.waysIn.flatMap(({ bays }) => bays))}
        />
      </View>
      <View onLayout={onLayout}>
        <Lap
          place={place}
          marks={judgement.marks}
          ways={judgement.waysIn}
          selected={next?.bay}
          onSelect={(bay) => {
            const stop = stops.find((it) => it.bay === bay);
            const first = stop && firstOf(stop);
            if (first) go(first);
          }}
          width={width}
          whole={wide}
          day={today}
        />
      </View>
      {walkSections.map((section) => (
        <SectionList
          key={section}
          section={section}
          stops={stops.filter((stop) => stop.section === section)}
          isDone={isDone}
          name={(stop) => stopName(place, stop)}
          mark={({ bay }) =>
            bay === undefined ? '' : lineCode[judgement.marks.get(bay) ?? 'unread'].name
          }
        />
      ))}
      {anotherDay.length > 0 && (
        <View style={styles.section}>
          <Txt kind="heading" style={styles.heading}>
            {walkText.leftForAnotherDay}
          </Txt>
          {anotherDay.map((stop) => (
            <View key={stop.id} style={styles.later}>
              <Txt kind="strong" style={styles.grow}>
                {capital(stopName(place, stop))}
              </Txt>
              <Button
                look="key"
                label={walkText.takeItUp}
                says={walkText.takeUpAgain(place, stop)}
                onPress={() => {
                  putOff(stop.id, undefined).catch((error: unknown) =>
                    setTrouble(notSavedWords(error)),
                  );
                }}
              />
            </View>
          ))}
        </View>
      )}
    </Screen>
  );
}

interface SectionProps {
  readonly section: WalkSection;
  readonly stops: readonly Stop[];
  readonly isDone: (id: string) => boolean;
  readonly name: (stop: Stop) => string;
  readonly mark: (stop: Stop) => string;
}

function SectionList({ section, stops, isDone, name, mark }: SectionProps) {
  if (stops.length === 0) return null;
  return (
    <View style={styles.section}>
      <Txt kind="heading" style={styles.heading}>
        {sectionNames[section]}
      </Txt>
      {stops.map((stop) => {
        const first = stop.questions.find(({ id }) => !isDone(id)) ?? stop.questions[0];
        if (!first) return null;
        const taken = stop.questions.filter(({ id }) => isDone(id)).length;
        const unread = stop.questions.filter((it) => !isCheck(it.attribute) && !it.answered).length;
        return (
          <LinkRow
            key={stop.id}
            href={{ pathname: '/walk/[question]', params: { question: first.id } }}
            says={walkText.walkNamed(name(stop))}
          >
            <View style={styles.row}>
              <Txt kind="strong">{capital(name(stop))}</Txt>
              <Txt tone="ink2">{mark(stop)}</Txt>
            </View>
            <Txt kind="small" tone="ink2">
              {walkText.takenAtStop(taken, stop.questions.length, unread)}
            </Txt>
          </LinkRow>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m, maxWidth: readableWidth },
  bar: { paddingBottom: space.s },
  section: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
  row: { flexDirection: 'row', justifyContent: 'space-between' },
  later: {
    flexDirection: 'row',
    alignItems: 'center',
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  grow: { flex: 1 },
});
