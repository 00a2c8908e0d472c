/** Measuring a mend again: the readings it was to change, and nothing else. */
import { walkText } from '@/words/screens/walk';
import { questionsAgain } from '@/core/mends/readings-again';
import { findBay } from '@/core/place/find';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useJudgement } from '@/store/use-yard';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { mendName } from '@/words/mend-words';
import { questionWords } from '@/words/attributes';
import { QuestionScreen } from './QuestionScreen';

interface Props {
  readonly yard: Yard;
  readonly mendId: string;
  readonly step: number;
}

export function AgainQuestionScreen({ yard, mendId, step }: Props) {
  const router = useRouterHere();
  const judgement = useJudgement(yard);
  const { saveReadings, endWalk } = useChanges();
  const mend = yard.mends.find((it) => it.id === mendId);
  const { place } = judgement.found;
  const questions = mend ? questionsAgain(place, mend) : [];
  const here = questions[step];
  if (!mend || !here) return <NotFoundScreen />;
  const next = questions[step + 1];
  const toMend = () => router.replace({ pathname: '/mends/[id]', params: { id: mendId } });
  const to = (target: number) =>
    router.replace({ pathname: '/again/[mend]/[step]', params: { mend: mendId, step: target } });
  const onward = async () => {
    if (next) {
      to(step + 1);
      return;
    }
    await endWalk('measure-again');
    toMend();
  };
  return (
    <QuestionScreen
      key={here.question.id}
      place={place}
      judgement={judgement}
      question={here.question}
      given={readingIn(openWalk(yard.walks, 'measure-again'), here.question)}
      progress={walkText.stepOf(step + 1, questions.length)}
      note={mendName(mend)}
      nextName={next ? questionWords(next.question, place).short : walkText.seeWhetherItHolds}
      where={findBay(place, mend.bay)?.bay.name ?? ''}
      onSave={async (readings) => {
        await saveReadings(readings, 'measure-again');
        await onward();
      }}
      onNext={() => void onward()}
      onBack={() => (step > 0 ? to(step - 1) : toMend())}
      onLeave={toMend}
    />
  );
}
