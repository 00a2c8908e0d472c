/** A reading taken over its stop: it comes back to it, or opens the next that has to be read by itself. */
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { applyReadings } from '@/core/records/apply-readings';
import type { Judgement } from '@/core/score/judge';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import type { Question } from '@/core/walk/questions';
import { sameAsLast } from '@/core/walk/same-as';
import { stopsOf } from '@/core/walk/stops';
import { doubtedBy, readNext } from '@/core/walk/what-follows';
import { standing } from '@/features/walk/QuickReadings';
import { QuestionScreen } from '@/features/walk/QuestionScreen';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { questionWords } from '@/words/attributes';
import { stopText } from '@/words/screens/stop';
import type { StopWalk } from './use-stop-walk';

interface Props {
  readonly judgement: Judgement;
  readonly at: StopWalk;
  readonly question: Question;
  readonly typed: string | undefined;
  readonly progress: string;
  readonly note: string;
  readonly onUndo: (() => Promise<void>) | undefined;
  readonly over: ReactNode;
  readonly aside: ReactNode;
}

export function StopReading({ judgement, at, question, onUndo, ...more }: Props) {
  const router = useRouter();
  const today = useToday();
  const { saveReadings } = useChanges();
  const { inHand, stops, stop } = at;
  const { place } = judgement.found;
  const close = () => router.setParams({ read: undefined, typed: undefined });
  /** The first time one thing follows the other without going back to the list. */
  const following = (questions: readonly Question[], walk: StopWalk['inHand']['walk']) =>
    readNext(
      place,
      questions,
      question,
      (it) => !readingIn(walk, it) && standing(it) === undefined,
    );
  const isUnread = at.rows.rows.some(
    (row) => row.question.id === question.id && row.state === 'unread',
  );
  const given = readingIn(inHand.walk, question);
  const doubted =
    given?.how === 'looked'
      ? doubtedBy(stop.questions, question, (it) => readingIn(inHand.walk, it)?.how === 'looked')
      : undefined;
  const upcoming = isUnread ? following(stop.questions, inHand.walk) : doubted;
  /** What has been said may ask for more: a skirt has its mesh. */
  const after = (yard: Yard): Question | undefined => {
    const walk = openWalk(yard.walks, 'lap');
    const again = stopsOf(applyReadings(yard.place, yard.walks), walk ?? {}, today).stops;
    const here = again.find((it) => it.id === stop.id)?.questions ?? [];
    const known = new Set(stop.questions.map(({ id }) => id));
    const isNew = here.some(({ id }) => !known.has(id));
    return isUnread || isNew ? following(here, walk) : doubted;
  };
  return (
    <QuestionScreen
      key={question.id}
      place={place}
      judgement={judgement}
      question={question}
      given={given}
      where={stopText.stopName(place, stop)}
      {...more}
      nextName={upcoming ? questionWords(upcoming, place).short : stopText.backToTheStop}
      saveAtOnce
      onSave={async (readings) => {
        const yard = await saveReadings(readings, 'lap');
        router.setParams({ read: after(yard)?.id, typed: undefined });
      }}
      onNext={close}
      onBack={close}
      onLeave={() => router.replace('/walk')}
      sameAs={sameAsLast(place, stops, inHand.walk, question)}
      onUndo={onUndo}
    />
  );
}
