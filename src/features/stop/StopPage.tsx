/** A stop of the walk: its rows on one screen; a reading is taken over it and comes back to it. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { attributes } from '@/core/attributes';
import type { ReadingValue } from '@/core/records/walk';
import { justFound } from '@/core/walk/just-found';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import type { Question } from '@/core/walk/questions';
import { isGauge, quickAnswer } from '@/core/walk/quick-answer';
import { alikeAsLast, sameAsLast, type SameAs } from '@/core/walk/same-as';
import { toAffirm, toTouch, type StopRow } from '@/core/walk/stop-rows';
import { stopsOf } from '@/core/walk/stops';
import { applyReadings } from '@/core/records/apply-readings';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { useFeedback } from '@/features/frame/use-feedback';
import { FilledBar } from '@/features/walk/FilledBar';
import { FoundOpen } from '@/features/walk/FoundOpen';
import { QuestionScreen } from '@/features/walk/QuestionScreen';
import { asAt, standing } from '@/features/walk/QuickReadings';
import { ChangedSince } from '@/store/change-yard';
import type { Yard } from '@/store/records';
import { isReading, useChanges, type NewReading } from '@/store/use-changes';
import { useHistory } from '@/store/use-history';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { findBay } from '@/core/place/find';
import { questionWords } from '@/words/attributes';
import { count } from '@/words/names';
import { changedSinceWords, notSavedWords } from '@/words/not-saved-words';
import { stopText } from '@/words/screens/stop';
import { walkText } from '@/words/screens/walk';
import { StopScreen } from './StopScreen';
import { useStopWalk } from './use-stop-walk';

interface Props {
  readonly yard: Yard;
  readonly id: string;
  /** The question that is being read over the stop; its id. */
  readonly read: string | undefined;
}

export function StopPage({ yard, id, read }: Props) {
  const router = useRouter();
  const judgement = useJudgement(yard);
  const at = useStopWalk(yard, judgement, id);
  const today = useToday();
  const tell = useFeedback();
  const { saveReadings, putOff } = useChanges();
  const { undoes, undo } = useHistory(yard.place.id);
  const [trouble, setTrouble] = useState<string>();
  const [saving, setSaving] = useState(false);
  if (!at) return <NotFoundScreen />;
  const { inHand, stops, stop, index, rows, alike } = at;
  const { walk, done } = inHand;
  const { place } = judgement.found;
  const next = stops[index + 1];
  const before = stops[index - 1];
  const goStop = (target: string | undefined) =>
    target === undefined
      ? router.replace('/walk/end')
      : router.replace({ pathname: '/walk/stop/[stop]', params: { stop: target } });
  const open = (question: Question) => router.setParams({ read: question.id });
  const close = () => router.setParams({ read: undefined });
  /** One at a time: a second tap while one is stored answers nothing. */
  const run = (work: () => Promise<unknown>) => {
    if (saving) return;
    setSaving(true);
    setTrouble(undefined);
    work().then(
      () => setSaving(false),
      (error: unknown) => {
        setSaving(false);
        setTrouble(error instanceof ChangedSince ? changedSinceWords : notSavedWords(error));
      },
    );
  };
  const save = (readings: readonly NewReading[]) =>
    run(() => saveReadings(readings, 'lap').then(tell));
  const question = stop.questions.find((it) => it.id === read);
  const notes = {
    progress: stopText.stopOf(index + 1, stops.length),
    note: count(judgement.waysIn.length, walkText.wayIn, walkText.waysIn),
  };
  const last = walk?.readings.at(-1);
  const lastQuestion = last && stop.questions.find((it) => readingIn(walk, it) === last);
  const canUndo = lastQuestion !== undefined && undoes !== undefined && isReading(undoes);
  const bar = (
    <FilledBar
      stops={stops}
      isDone={(it) => done.has(it)}
      here={stop.id}
      open={new Set(judgement.waysIn.flatMap(({ bays }) => bays))}
    />
  );
  const found = justFound(judgement.waysIn, walk);
  if (question) {
    const wasUnread = rows.rows.some(
      (row) => row.question.id === question.id && row.state === 'unread',
    );
    /** The first time one thing follows the other without going back to the list. */
    const nextUnread = (after: Yard): Question | undefined => {
      if (!wasUnread) return undefined;
      const walkNow = openWalk(after.walks, 'lap');
      const again = stopsOf(applyReadings(after.place, after.walks), walkNow ?? {}, today).stops;
      const here = again.find((it) => it.id === stop.id)?.questions ?? [];
      const from = here.findIndex((it) => it.id === question.id);
      return [...here.slice(from + 1), ...here.slice(0, Math.max(from, 0))].find(
        (it) => !readingIn(walkNow, it) && standing(it) === undefined,
      );
    };
    const upcoming = rows.rows.find(
      ({ question: it, state }) => state === 'unread' && it.id !== question.id,
    );
    return (
      <QuestionScreen
        key={question.id}
        place={place}
        judgement={judgement}
        question={question}
        given={readingIn(walk, question)}
        where={stopText.stopName(place, stop)}
        {...notes}
        nextName={
          wasUnread && upcoming
            ? questionWords(upcoming.question, place).short
            : stopText.backToTheStop
        }
        saveAtOnce
        onSave={async (readings) => {
          const following = nextUnread(await saveReadings(readings, 'lap'));
          if (following) open(following);
          else close();
        }}
        onNext={close}
        onBack={close}
        onLeave={() => router.replace('/walk')}
        sameAs={sameAsLast(place, stops, walk, question)}
        onUndo={canUndo ? () => undo().then(() => open(lastQuestion)) : undefined}
        over={bar}
        aside={found && <FoundOpen place={place} found={found} />}
      />
    );
  }
  const affirm = toAffirm(rows);
  const untouched = toTouch(rows);
  const lookedAt = ({ question: it }: StopRow): NewReading[] => {
    const value = standing(it);
    return value === undefined
      ? []
      : [{ item: it.item, attribute: it.attribute, value, how: 'looked' }];
  };
  const onward = () =>
    run(async () => {
      const readings = affirm.flatMap(lookedAt);
      if (readings.length > 0) await saveReadings(readings, 'lap');
      tell();
      goStop(next?.id);
    });
  const quick = (row: StopRow): ReadingValue | undefined =>
    row.state === 'unread' ? quickAnswer(place, row.question) : undefined;
  const quickly = (row: StopRow): NewReading[] => {
    const value = quick(row);
    const { item, attribute } = row.question;
    if (value === undefined) return [];
    // A gauge that does not go in was tried; the rest was looked at.
    return [{ item, attribute, value, how: isGauge(value) ? 'measured' : 'looked' }];
  };
  /** What is said brings further questions (a skirt has its mesh): the bay before answers those as well. */
  const takeAlike = async (some: readonly SameAs[], name: string): Promise<void> => {
    const readings = some.map((it): NewReading => ({
      item: it.question.item,
      attribute: it.question.attribute,
      ...asAt(it, name),
      how: 'looked',
    }));
    const after = await saveReadings(readings, 'lap');
    const walkNow = openWalk(after.walks, 'lap');
    const again = applyReadings(after.place, after.walks);
    const now = stopsOf(again, walkNow ?? {}, today).stops;
    const here = now.find((it) => it.id === stop.id);
    const more = here
      ? alikeAsLast(again.place, now, walkNow, here).filter(
          ({ question: it }) => standing(it) === undefined,
        )
      : [];
    if (more.length > 0) await takeAlike(more, name);
    else tell();
  };
  const beforeName = alike[0] && findBay(place, alike[0].bay)?.bay.name;
  return (
    <StopScreen
      key={stop.id}
      place={place}
      judgement={judgement}
      stop={stop}
      rows={rows}
      {...notes}
      provenance={judgement.found.provenance}
      bar={bar}
      found={found && <FoundOpen place={place} found={found} />}
      trouble={trouble}
      busy={saving}
      quick={quick}
      affirm={affirm.length}
      untouched={untouched}
      nextName={next ? stopText.stopName(place, next) : stopText.theEnd}
      onRead={(row) => open(row.question)}
      onTick={(row) => save(lookedAt(row))}
      onTickAll={(some) => save(some.flatMap(lookedAt))}
      onQuick={(some) => save(some.flatMap(quickly))}
      alike={
        alike.length > 1 && beforeName !== undefined
          ? {
              name: beforeName,
              many: alike.length,
              take: () => run(() => takeAlike(alike, beforeName)),
            }
          : undefined
      }
      onNext={onward}
      onBack={() => (before ? goStop(before.id) : router.replace('/walk'))}
      onLeave={() => router.replace('/walk')}
      onUndo={canUndo ? () => run(() => undo()) : undefined}
      onPutOff={
        walk ? (to) => run(() => putOff(stop.id, to).then(() => goStop(next?.id))) : undefined
      }
      onOneByOne={() => {
        const first = stop.questions.find((it) => !done.has(it.id)) ?? stop.questions[0];
        if (first) router.replace({ pathname: '/walk/[question]', params: { question: first.id } });
      }}
      isFirstTime={untouched.some(
        ({ state, question: it }) => state === 'unread' && attributes[it.attribute].isJudged,
      )}
    />
  );
}
