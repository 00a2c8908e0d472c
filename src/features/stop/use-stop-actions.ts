/** What is said at a stop without opening a reading: one at a time, and the next stop after it. */
import { useState } from 'react';
import { applyReadings, type FoundPlace } from '@/core/records/apply-readings';
import { findBay } from '@/core/place/find';
import type { PutOff, ReadingValue, Walk } from '@/core/records/walk';
import { likeWalls, wallsAhead, withWhatFollows } from '@/core/walk/alike-walls';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import { isGauge, quickAnswer } from '@/core/walk/quick-answer';
import type { SameAs } from '@/core/walk/same-as';
import { toAffirm, type StopRow } from '@/core/walk/stop-rows';
import { isLast } from '@/core/walk/questions';
import { answeredTogether } from '@/core/walk/what-follows';
import { stopsOf, type Stop } from '@/core/walk/stops';
import { useFeedback } from '@/features/frame/use-feedback';
import { asAt, standing } from '@/features/walk/QuickReadings';
import { useRouterHere } from '@/features/frame/use-router-here';
import { ChangedSince } from '@/store/change-yard';
import type { Yard } from '@/store/records';
import { useChanges, type NewReading } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { changedSinceWords, notSavedWords } from '@/words/not-saved-words';
import type { StopWalk } from './use-stop-walk';

type FindAlike = (found: FoundPlace, stops: readonly Stop[], walk: Walk) => readonly SameAs[];

export function useStopActions(yard: Yard, at: StopWalk | undefined) {
  const router = useRouterHere();
  const today = useToday();
  const tell = useFeedback();
  const { saveReadings, putOff } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const [busy, setBusy] = useState(false);
  /** One at a time: a second tap while one is stored answers nothing. */
  const run = (work: () => Promise<unknown>) => {
    if (busy) return;
    setBusy(true);
    setTrouble(undefined);
    work().then(
      () => setBusy(false),
      (error: unknown) => {
        setBusy(false);
        setTrouble(error instanceof ChangedSince ? changedSinceWords : notSavedWords(error));
      },
    );
  };
  const goStop = (target: string | undefined) =>
    target === undefined
      ? router.replace('/walk/end')
      : router.replace({ pathname: '/walk/stop/[stop]', params: { stop: target } });
  const store = async (readings: readonly NewReading[]) => {
    if (readings.length > 0) await saveReadings(readings, 'lap');
    tell();
  };
  const save = (readings: readonly NewReading[]) => run(() => store(readings));
  const { place } = yard;
  const next = at?.stops[at.index + 1]?.id;
  const before = at?.stops[at.index - 1]?.id;
  const quick = (row: StopRow): ReadingValue | undefined =>
    row.state === 'unread' ? quickAnswer(place, row.question) : undefined;
  const asUsual = (row: StopRow): NewReading[] => {
    const value = quick(row);
    const { item, attribute } = row.question;
    if (value === undefined) return [];
    // A gauge that does not go in was tried; the rest was looked at.
    return [{ item, attribute, value, how: isGauge(value) ? 'measured' : 'looked' }];
  };
  const affirmed = at ? toAffirm(at.rows).flatMap(lookedAt) : [];
  const together = at ? answeredTogether(place, at.rows.rows) : [];
  const onward = () =>
    run(async () => {
      await store(affirmed);
      goStop(next);
    });
  /** What is folded stays so, whatever is read. */
  const folded = new Set(at?.rows.folded.map(({ question }) => question.id));
  /** What is asked last may be spared by what has just been said; where it is not, one stays for it. */
  const allAsItShouldBe = () =>
    run(async () => {
      const { walks } = await saveReadings([...affirmed, ...together.flatMap(asUsual)], 'lap');
      tell();
      const walk = openWalk(walks, 'lap');
      const again = stopsOf(applyReadings(place, walks), walk ?? {}, today).stops;
      const here = again.find(({ id }) => id === at?.stop.id)?.questions ?? [];
      const isLeft = here.some(
        (it) =>
          isLast(it) && !folded.has(it.id) && !readingIn(walk, it) && standing(it) === undefined,
      );
      if (!isLeft) goStop(next);
    });
  const alike = (name: string, find: FindAlike) => {
    const walk = at?.inHand.walk;
    if (!walk) return;
    save(
      withWhatFollows(place, yard.walks, walk, today, find).map((it) => ({
        item: it.question.item,
        attribute: it.question.attribute,
        ...asAt(it, name),
        how: 'looked',
      })),
    );
  };
  return {
    busy,
    trouble,
    quick,
    together,
    run,
    tick: (rows: readonly StopRow[]) => save(rows.flatMap(lookedAt)),
    sayAsUsual: (row: StopRow) => save(asUsual(row)),
    /** Nothing is said of what is unread. */
    onward,
    allAsItShouldBe,
    asWall: (bay: string) => {
      const id = at?.stop.id;
      alike(findBay(place, bay)?.bay.name ?? bay, (found, stops, walk) => {
        const here = stops.find((it) => it.id === id);
        const like = here && likeWalls(found.place, stops, walk, here);
        return like?.find((it) => it.bay === bay)?.readings ?? [];
      });
    },
    asAhead: (bay: string) => {
      const id = at?.stop.id;
      alike(findBay(place, bay)?.bay.name ?? bay, (found, stops, walk) => {
        const here = stops.find((it) => it.id === id);
        return here ? wallsAhead(found.place, stops, walk, here).readings : [];
      });
    },
    back: () => (before === undefined ? router.replace('/walk') : goStop(before)),
    leave: () => router.replace('/walk'),
    putOff: (to: PutOff['to']) => at && run(() => putOff(at.stop.id, to).then(() => goStop(next))),
  };
}

export type StopActions = ReturnType<typeof useStopActions>;

function lookedAt({ question: it }: StopRow): NewReading[] {
  const value = standing(it);
  return value === undefined
    ? []
    : [{ item: it.item, attribute: it.attribute, value, how: 'looked' }];
}
