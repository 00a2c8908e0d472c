/** A stop of the walk: its rows on one screen; a reading is taken over it and comes back to it. */
import { useRouter } from 'expo-router';
import { justFound } from '@/core/walk/just-found';
import { readingIn } from '@/core/walk/open-walk';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { FilledBar } from '@/features/walk/FilledBar';
import { FoundOpen } from '@/features/walk/FoundOpen';
import type { Yard } from '@/store/records';
import { isReading } from '@/store/use-changes';
import { useHistory } from '@/store/use-history';
import { useJudgement } from '@/store/use-yard';
import { stopText } from '@/words/screens/stop';
import { walkText } from '@/words/screens/walk';
import { StopReading } from './StopReading';
import { StopScreen } from './StopScreen';
import { useStopActions } from './use-stop-actions';
import { useStopWalk } from './use-stop-walk';

interface Props {
  readonly yard: Yard;
  readonly id: string;
  /** The question that is being read over the stop; its id. */
  readonly read: string | undefined;
  /** What was typed at the stop itself, for the reading to begin with. */
  readonly typed: string | undefined;
}

export function StopPage({ yard, id, read, typed }: Props) {
  const router = useRouter();
  const judgement = useJudgement(yard);
  const at = useStopWalk(yard, judgement, id);
  const actions = useStopActions(yard, at);
  const { undoes, undo } = useHistory(yard.place.id);
  if (!at) return <NotFoundScreen />;
  const { inHand, stops, stop, index } = at;
  const { walk, done } = inHand;
  const { place } = judgement.found;
  const open = (question: string, digit?: string) =>
    router.setParams({ read: question, typed: digit });
  const last = walk?.readings.at(-1);
  const lastQuestion = last && stop.questions.find((it) => readingIn(walk, it) === last);
  const canUndo = lastQuestion !== undefined && undoes !== undefined && isReading(undoes);
  const found = justFound(judgement.waysIn, walk);
  const around = {
    progress: stopText.stopOf(index + 1, stops.length),
    note: stopText.soFar(walkText.waysIn(judgement.waysIn.length)),
    over: (
      <FilledBar
        stops={stops}
        isDone={(it) => done.has(it)}
        here={stop.id}
        open={new Set(judgement.waysIn.flatMap(({ bays }) => bays))}
      />
    ),
    aside: found && <FoundOpen place={place} found={found} />,
  };
  const question = stop.questions.find((it) => it.id === read);
  if (question) {
    return (
      <StopReading
        key={question.id}
        judgement={judgement}
        at={at}
        question={question}
        typed={typed}
        {...around}
        onUndo={canUndo ? () => undo().then(() => open(lastQuestion.id)) : undefined}
      />
    );
  }
  return (
    <StopScreen
      key={stop.id}
      place={place}
      judgement={judgement}
      at={at}
      actions={actions}
      {...around}
      onRead={(row, digit) => open(row.question.id, digit)}
      onUndo={canUndo ? () => actions.run(() => undo()) : undefined}
      onOneByOne={() => {
        const first = stop.questions.find((it) => !done.has(it.id)) ?? stop.questions[0];
        if (first) router.replace({ pathname: '/walk/[question]', params: { question: first.id } });
      }}
    />
  );
}
