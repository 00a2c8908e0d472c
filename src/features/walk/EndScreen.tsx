/** The end of a walk: what was found, worst first; what changed; what was not looked at; what mends are proposed. */
import { walkText } from '@/words/screens/walk';
import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { proposalsFor } from '@/core/mends/propose';
import { weakSpots } from '@/core/mends/spots';
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Reading, Walk } from '@/core/records/walk';
import type { WayIn } from '@/core/routes/ways-in';
import type { Judgement } from '@/core/score/judge';
import { lastEnded, openWalk } from '@/core/walk/open-walk';
import { outcomeOf, walksBefore, type Change } from '@/core/walk/outcome';
import { stopsOf } from '@/core/walk/stops';
import { useRouterHere } from '@/features/frame/use-router-here';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { readingWords, readingTitle } from '@/words/reading-words';
import { wayOnward, wayTitle } from '@/words/headline';
import { mendWords } from '@/words/mend-words';
import { capital, count } from '@/words/names';
import { notSavedWords } from '@/words/not-saved-words';
import { leavesOut, purposeNames, stopName } from '@/words/walk-words';

export function EndScreen({ yard }: { readonly yard: Yard }) {
  const { walks } = yard;
  const walk = openWalk(walks, 'lap') ?? lastEnded(walks, 'lap');
  // What it found, and not what was read or mended since.
  const then = useMemo(
    () => (walk ? { ...yard, walks: [...walksBefore(walk, walks), walk] } : yard),
    [yard, walk, walks],
  );
  const judgement = useJudgement(then);
  if (!walk) return <NotFoundScreen />;
  return <Page yard={yard} judgement={judgement} walk={walk} />;
}

interface Props {
  readonly yard: Yard;
  readonly judgement: Judgement;
  readonly walk: Walk;
}

function Page({ yard, judgement, walk }: Props) {
  const router = useRouterHere();
  const today = useToday();
  const { endWalk } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const { place } = judgement.found;
  const outcome = outcomeOf(walk, yard.walks, stopsOf(judgement.found, walk, today));
  const left = outcome.notLookedAt.reduce((sum, { questions }) => sum + questions.length, 0);
  const questionsIn = (course: Walk | Record<string, never>) =>
    stopsOf(judgement.found, course, today).stops.flatMap(({ questions }) => questions);
  // A short walk says what it never asked; what was put off is below.
  const shorter = walk.purpose && leavesOut(questionsIn({}), questionsIn({ ...walk, putOff: [] }));
  const ways = [...judgement.waysIn, ...judgement.slowWays];
  return (
    <Columns
      names={[walkText.whatWasFound, walkText.whatChangedAndWhatWas]}
      head={
        <View style={styles.head}>
          <BackLink href="/walk" name={walkText.walk} />
          <Txt kind="title">{walkText.found(judgement.waysIn.length)}</Txt>
          <Txt tone="ink2">
            {walkText.cameTo({
              purpose: purposeNames[walk.purpose ?? 'full'][0],
              day: walk.date,
              readings: walk.readings.length,
              worse: outcome.worse.length,
              better: outcome.better.length,
              left,
              leavesOut: shorter,
            })}
          </Txt>
          {trouble && <Notice>{trouble}</Notice>}
          <UndoBar placeId={place.id} />
          {!walk.ended && (
            <Button
              label={walkText.endThisWalk}
              onPress={() => {
                endWalk('lap').then(
                  () => router.replace('/walk/end'),
                  (error: unknown) => setTrouble(notSavedWords(error)),
                );
              }}
            />
          )}
          {walk.ended && <Txt tone="holds">{walkText.thisWalkIsEndedAll}</Txt>}
        </View>
      }
      left={
        <>
          <Part rows title={walkText.foundWorstFirst} empty={walkText.nothingThatLivesHereGets}>
            {ways.map((way) => (
              <WayRow key={way.id} way={way} judgement={judgement} />
            ))}
          </Part>
          <Part title={walkText.toBeSeenTo} empty={undefined}>
            {outcome.toSeeTo.map((reading) => (
              <Line key={reading.id} place={place} reading={reading} />
            ))}
          </Part>
          <Heads {...outcome} place={place} />
        </>
      }
      right={
        <>
          <Part title={walkText.worseThanBefore} empty={undefined}>
            {outcome.worse.map((change) => (
              <ChangeLine key={change.reading.id} place={place} change={change} />
            ))}
          </Part>
          <Part title={walkText.betterThanBefore} empty={undefined}>
            {outcome.better.map((change) => (
              <ChangeLine key={change.reading.id} place={place} change={change} />
            ))}
          </Part>
          <Part rows title={walkText.notLookedAt} empty={walkText.everyStopWasLookedAt}>
            {outcome.notTold.length > 0 && (
              <Txt style={styles.inset}>{walkText.couldNotBeTold(outcome.notTold.length)}</Txt>
            )}
            {outcome.notLookedAt.map((stop) => {
              const [first] = stop.questions;
              return (
                first && (
                  <LinkRow
                    key={stop.id}
                    href={{ pathname: '/walk/[question]', params: { question: first.id } }}
                    says={walkText.walkStop(place, stop)}
                  >
                    <Txt>
                      {capital(stopName(place, stop))}: {count(stop.questions.length, 'reading')}
                    </Txt>
                  </LinkRow>
                )
              );
            })}
          </Part>
        </>
      }
    />
  );
}

/** A way in with the first mends for it; its own page has all of them. */
function WayRow({ way, judgement }: { readonly way: WayIn; readonly judgement: Judgement }) {
  const { found, when } = judgement;
  const { place } = found;
  const bay = findBay(place, way.id)?.bay;
  const mends = bay
    ? [
        ...new Set(
          weakSpots(place, bay, when)
            .flatMap(proposalsFor)
            .map(({ mend }) => mend.kind),
        ),
      ]
    : [];
  return (
    <LinkRow
      href={{ pathname: '/way/[id]', params: { id: way.id } }}
      says={walkText.whyAndMends(place, way)}
    >
      <Txt kind="strong">{wayTitle(place, way)}</Txt>
      <Txt kind="small" tone="ink2">
        {wayOnward(place, way)}
      </Txt>
      {mends.length > 0 && (
        <Txt kind="small" tone="holds">
          {walkText.mends(mends.slice(0, 3).map((kind) => mendWords[kind].name.toLowerCase()))}
        </Txt>
      )}
    </LinkRow>
  );
}

function Heads({
  heads,
  shut,
  shutTook,
  place,
}: ReturnType<typeof outcomeOf> & { readonly place: Place }) {
  if (!heads && !shut) return null;
  const birds = place.flock.reduce((sum, group) => sum + group.count, 0);
  const value = heads && heads.value !== 'cannot-tell' ? heads.value : undefined;
  const most = value && ('is' in value ? Number(value.is) : value.to);
  return (
    <Part title={walkText.shutAndCounted} empty={undefined}>
      {heads && <Txt>{walkText.countedAtOnTheBooks(place, heads, hour(heads.at), birds)}</Txt>}
      {value && 'from' in value && <Txt tone="hours">{walkText.anUncertainCountCanHide}</Txt>}
      {most !== undefined && most < birds && (
        <Txt tone="open">{walkText.missingAtTheLeast(birds - most)}</Txt>
      )}
      {shut && <Txt>{walkText.shutAsAtDusk(place, shut, hour(shut.at), shutTook)}</Txt>}
    </Part>
  );
}

const hour = (at: string): string => {
  const time = new Date(at);
  return `${time.getHours()}:${String(time.getMinutes()).padStart(2, '0')}`;
};

function Line({ place, reading }: { readonly place: Place; readonly reading: Reading }) {
  return (
    <Txt>
      {readingTitle(place, reading)} {capital(readingWords(place, reading))}.
      {reading.note ? ` ${reading.note}` : ''}
    </Txt>
  );
}

function ChangeLine({ place, change }: { readonly place: Place; readonly change: Change }) {
  const { reading, before } = change;
  return <Txt>{walkText.changed(place, reading, before)}</Txt>;
}

/** Nothing at all where it has nothing to say and no words for that. */
function Part({
  title,
  empty,
  rows = false,
  children,
}: {
  readonly title: string;
  readonly empty: string | undefined;
  /** Rows that lead somewhere bring their own margins. */
  readonly rows?: boolean;
  readonly children: ReactNode;
}) {
  const isEmpty = [children].flat(2).filter(Boolean).length === 0;
  if (isEmpty && empty === undefined) return null;
  return (
    <View style={styles.part}>
      <Txt kind="heading" style={styles.inset}>
        {title}
      </Txt>
      {isEmpty ? (
        <Txt tone="ink2" style={styles.inset}>
          {empty}
        </Txt>
      ) : rows ? (
        <View>{children}</View>
      ) : (
        <View style={[styles.inset, styles.lines]}>{children}</View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.m },
  inset: { paddingHorizontal: space.l },
  lines: { gap: space.s },
  part: {
    paddingVertical: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
});
