/** One question of the walk round the place; the next one follows as soon as the reading is stored. */
import { walkText } from '@/words/screens/walk';
import { applyReadings } from '@/core/records/apply-readings';
import type { Place } from '@/core/place/place';
import type { Judgement } from '@/core/score/judge';
import { lastingHere } from '@/core/walk/as-last-time';
import { justFound } from '@/core/walk/just-found';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import type { Question } from '@/core/walk/questions';
import { restSameAsLast, sameAsLast } from '@/core/walk/same-as';
import { restAfter } from '@/core/walk/rest-after';
import { stopsOf, type Stop } from '@/core/walk/stops';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { isReading, useChanges, type NewReading } from '@/store/use-changes';
import { useHistory } from '@/store/use-history';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { questionWords } from '@/words/attributes';
import { sectionCaution, stopName } from '@/words/walk-words';
import { Txt } from '@/ui/controls/Txt';
import { FilledBar } from './FilledBar';
import { FoundOpen } from './FoundOpen';
import { QuestionScreen } from './QuestionScreen';
import { stopWith, useWalk, type WalkInHand } from './use-walk';

export function LapQuestionScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const judgement = useJudgement(yard);
  const inHand = useWalk(yard, judgement);
  const today = useToday();
  // An address of a question that this walk leaves out still opens: in the whole walk's order.
  const walk = stopWith(inHand.stops, id) ? inHand : { ...inHand, ...whole(judgement, today) };
  const question = walk.questions.find((it) => it.id === id);
  if (!question) return <NotFoundScreen />;
  return <Page yard={yard} judgement={judgement} inHand={walk} question={question} />;
}

function whole({ found }: Judgement, today: string): Pick<WalkInHand, 'stops' | 'questions'> {
  const { stops } = stopsOf(found, {}, today);
  return { stops, questions: stops.flatMap(({ questions }) => questions) };
}

interface Props {
  readonly yard: Yard;
  readonly judgement: Judgement;
  readonly inHand: WalkInHand;
  readonly question: Question;
}

function Page({ yard, judgement, inHand, question }: Props) {
  const router = useRouterHere();
  const today = useToday();
  const { saveReadings, putOff } = useChanges();
  const { undoes, undo } = useHistory(yard.place.id);
  const { place } = judgement.found;
  const { walk, stops, questions, done } = inHand;
  const index = questions.indexOf(question);
  const stop = stopWith(stops, question.id);
  const next = questions[index + 1];
  const to = (target: Question | undefined) =>
    target
      ? router.replace({ pathname: '/walk/[question]', params: { question: target.id } })
      : router.replace('/walk/end');
  /** By what is asked now: an answer can make further questions matter. The rest of a bay said at once: on to the first that is not. */
  const nextAfter = (after: Yard, readings: readonly NewReading[]): Question | undefined => {
    const walkNow = openWalk(after.walks, 'lap');
    const { place: found, walks } = after;
    const now = stopsOf(applyReadings(found, walks), walkNow ?? {}, today).stops.flatMap(
      (it) => it.questions,
    );
    const rest = restAfter(now, questions.slice(index));
    return readings.length === 1 ? rest[0] : rest.find((it) => !readingIn(walkNow, it));
  };
  const last = walk?.readings.at(-1);
  const lastQuestion = last && questions.find((it) => readingIn(walk, it) === last);
  const found = justFound(judgement.waysIn, walk);
  const caution = stop && stop.questions[0] === question && sectionCaution(stop.section, place);
  return (
    <QuestionScreen
      key={question.id}
      place={place}
      judgement={judgement}
      question={question}
      given={readingIn(walk, question)}
      where={stop ? stopName(place, stop) : ''}
      progress={walkText.questionOf(index + 1, questions.length)}
      note={walkText.waysIn(judgement.waysIn.length)}
      saved={
        last && lastQuestion
          ? walkText.saved(questionWords(lastQuestion, place).short, place, last)
          : undefined
      }
      nextName={nextName(place, next, stop)}
      onSave={async (readings) => to(nextAfter(await saveReadings(readings, 'lap'), readings))}
      onNext={() => to(next)}
      onBack={() => (questions[index - 1] ? to(questions[index - 1]) : router.replace('/walk'))}
      onLeave={() => router.replace('/walk')}
      sameAs={sameAsLast(place, stops, walk, question)}
      rest={stop ? restSameAsLast(place, stops, walk, stop) : []}
      lasting={stop ? lastingHere(stop, walk) : []}
      onPutOff={
        walk && stop
          ? (where) => {
              const after = questions
                .slice(index)
                .find((it) => !stop.questions.includes(it) && !done.has(it.id));
              return putOff(stop.id, where).then(() => to(after));
            }
          : undefined
      }
      onUndo={
        lastQuestion && undoes !== undefined && isReading(undoes)
          ? () => undo().then(() => to(lastQuestion))
          : undefined
      }
      over={
        <FilledBar
          stops={stops}
          isDone={(it) => done.has(it)}
          here={stop?.id}
          open={new Set(judgement.waysIn.flatMap(({ bays }) => bays))}
        />
      }
      aside={
        <>
          {found && <FoundOpen place={place} found={found} />}
          {caution && (
            <Txt kind="small" tone="hours">
              {caution}
            </Txt>
          )}
        </>
      }
    />
  );
}

/** "pull test"; at the end of a stop, where to go: "south 2, gap under the sill". */
function nextName(place: Place, next: Question | undefined, stop: Stop | undefined): string {
  if (!next) return walkText.theEndOfTheWalk;
  return stop && !stop.questions.includes(next) && next.bay !== undefined && next.bay !== stop.bay
    ? `${stopName(place, { bay: next.bay, section: next.section })}, ${questionWords(next, place).short}`
    : questionWords(next, place).short;
}
