/** Before a walk: what it is for, how long it takes, which way round. */
import { stopText } from '@/words/screens/stop';
import { walkText } from '@/words/screens/walk';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lapOf } from '@/core/place/lap';
import type { Place } from '@/core/place/place';
import { walkPurposes, type WalkPurpose } from '@/core/records/walk';
import type { WayIn } from '@/core/routes/ways-in';
import type { Judgement } from '@/core/score/judge';
import { lastEnded } from '@/core/walk/open-walk';
import { purposesOf, weakBays } from '@/core/walk/purposes';
import type { Question } from '@/core/walk/questions';
import { stopsOf, type Course } from '@/core/walk/stops';
import { minutesLeft } from '@/core/walk/time-left';
import type { Yard } from '@/store/records';
import { useSettling } from '@/features/stop/use-settling';
import { useChanges } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { Radio, RadioGroup } from '@/ui/controls/Radios';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { Lap } from '@/ui/drawings/Lap';
import { SitePlan } from '@/ui/drawings/SitePlan';
import { color, readableWidth, space, touch } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useWidth } from '@/ui/theme/use-width';
import { dayWords } from '@/words/day-words';
import { count } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { questionWords } from '@/words/attributes';
import { minutesWords } from '@/words/minutes-words';
import { leavesOut, purposeNames } from '@/words/walk-words';

interface Props {
  readonly yard: Yard;
  readonly judgement: Judgement;
}

export function BeginWalk({ yard, judgement }: Props) {
  const router = useRouter();
  const { beginWalk } = useChanges();
  const today = useToday();
  const wide = useWide();
  const page = usePageWidth('full');
  const { width, onLayout } = useWidth(wide ? page / 2 : page);
  const { purpose: wanted } = useLocalSearchParams<{ purpose?: string }>();
  const [purpose, setPurpose] = useState<WalkPurpose>(
    walkPurposes.find((it) => it === wanted) ?? 'full',
  );
  const [backwards, setBackwards] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const { found, waysIn, slowWays } = judgement;
  const weakWays = [...waysIn, ...slowWays];
  const all = stopsOf(found, {}, today).stops.flatMap(({ questions }) => questions);
  const { settled, isWorking } = useSettling(yard);
  const asks = settled?.asks ?? [];
  // It keeps its place while it is worked out, and where it asks nothing: nothing moves under a finger.
  const offered: WalkPurpose[] = [
    ...(settled || isWorking ? (['settle'] as const) : []),
    ...purposesOf(found.place, weakWays),
  ];
  // Who comes for one finds it at the top.
  const purposes = [
    ...offered.filter((it) => it === wanted),
    ...offered.filter((it) => it !== wanted),
  ];
  const choices = purposes.map((it) => {
    const course = {
      ...courseOf(it, backwards, found.place, weakWays),
      ...(it === 'settle' && { asks }),
    };
    const stops = it === 'settle' && !asks.length ? [] : stopsOf(found, course, today).stops;
    const questions = stops.flatMap((stop) => stop.questions);
    return {
      purpose: it,
      course,
      stops,
      questions,
      minutes: minutesLeft(stops, undefined, () => false),
    };
  });
  const canBegin = ({ purpose: it, questions }: (typeof choices)[number]) =>
    questions.length > 0 || (it === 'settle' && isWorking);
  const chosen =
    choices.find((it) => it.purpose === purpose && canBegin(it)) ?? choices.find(canBegin);
  const [first] = chosen?.questions ?? [];
  const firstStop = chosen?.stops[0];
  const last = lastEnded(yard.walks, 'lap');
  /** The bay after the gate, going round by that way. */
  const lap = lapOf(found.place).bays;
  const after = (way: 1 | -1) => walkText.gateThen(lap.at(way)?.bay.name ?? 'on');
  const go = ({ id }: Question) =>
    router.push({ pathname: '/walk/[question]', params: { question: id } });
  const begin = (by: 'stops' | 'questions') => {
    const stop = firstStop;
    if (!chosen || !first || !stop) return;
    beginWalk(chosen.course).then(
      () =>
        by === 'questions'
          ? go(first)
          : router.push({ pathname: '/walk/stop/[stop]', params: { stop: stop.id } }),
      (error: unknown) => setTrouble(notSavedWords(error)),
    );
  };
  const drawn = {
    place: found.place,
    marks: judgement.marks,
    ways: waysIn,
    selected: undefined,
    onSelect: (bay: string) => {
      const here = all.find((it) => it.bay === bay);
      if (here) go(here);
    },
    width,
  };
  return (
    <Columns
      names={[walkText.whatTheWalkIsFor, walkText.whereItGoes]}
      head={
        <View style={styles.head}>
          <Txt kind="title">{walkText.walkTheLap}</Txt>
          <Txt tone="ink2">{walkText.oneThingToLookAt}</Txt>
          {trouble && <Notice>{trouble}</Notice>}
        </View>
      }
      left={
        <>
          <RadioGroup says={walkText.whatTheWalkIsFor} style={styles.choices}>
            {choices.map((it) => {
              const [name, note] = purposeNames[it.purpose];
              const left = leavesOut(all, it.questions);
              const isChosen = it.purpose === chosen?.purpose;
              return (
                <Radio
                  key={it.purpose}
                  checked={isChosen}
                  disabled={!canBegin(it)}
                  isStop={isChosen || (chosen === undefined && it === choices[0])}
                  onPress={() => setPurpose(it.purpose)}
                  style={[styles.choice, isChosen && styles.chosen]}
                >
                  <View style={styles.line}>
                    <Txt kind="strong">{name}</Txt>
                    {it.stops.length > 0 && <Txt tone="ink2">{minutesWords(it.minutes)}</Txt>}
                  </View>
                  <Txt
                    kind="small"
                    tone="ink2"
                    {...(it.purpose === 'settle' && { room: (wide ? 1 : 2) + (isChosen ? 1 : 0) })}
                  >
                    {it.stops.length === 0
                      ? walkText.asksNothing(isWorking)
                      : `${count(it.stops.length, 'stop')}, ${count(it.questions.length, 'reading')}: ${note}.${isChosen && left ? ` ${left}` : ''}`}
                  </Txt>
                </Radio>
              );
            })}
          </RadioGroup>
          <View style={styles.head}>
            <View role="group" aria-label={walkText.whichWayRound} style={styles.way}>
              <Chips
                options={[
                  ['with', after(1)],
                  ['against', after(-1)],
                ]}
                value={backwards ? 'against' : 'with'}
                onChoose={(it) => setBackwards(it === 'against')}
              />
            </View>
            <Button
              label={stopText.walkByStops(found.place, firstStop)}
              disabled={!first}
              onPress={() => begin('stops')}
            />
            <Button
              look="plain"
              label={walkText.begin(
                found.place,
                firstStop,
                first ? questionWords(first, found.place).short : '',
              )}
              disabled={!first}
              onPress={() => begin('questions')}
            />
          </View>
        </>
      }
      right={
        <>
          <View onLayout={onLayout}>
            {wide && <SitePlan {...drawn} tallest={360} />}
            <Lap {...drawn} whole={false} day={today} />
          </View>
          {last && (
            <LinkRow href="/walk/end" says={walkText.whatTheLastWalkFound}>
              <Txt kind="strong">{walkText.whatTheLastWalkFound}</Txt>
              <Txt kind="small" tone="ink2">
                {dayWords(last.date)}, {count(last.readings.length, 'reading')}
              </Txt>
            </LinkRow>
          )}
        </>
      }
    />
  );
}

function courseOf(
  purpose: WalkPurpose,
  backwards: boolean,
  place: Place,
  weakWays: readonly WayIn[],
): Course {
  return {
    ...(purpose !== 'full' && { purpose }),
    ...(purpose === 'weak' && { bays: weakBays(place, weakWays) }),
    ...(backwards && { backwards }),
  };
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m, maxWidth: readableWidth },
  choices: { paddingHorizontal: space.l, gap: space.s, maxWidth: readableWidth },
  choice: {
    minHeight: touch,
    padding: space.m,
    gap: 2,
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.hairline,
    borderRadius: 8,
  },
  chosen: { borderColor: color.ink, backgroundColor: color.ground },
  line: { flexDirection: 'row', justifyContent: 'space-between', gap: space.m },
  way: { gap: space.s },
});
