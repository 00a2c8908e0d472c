/** One question of the walk round the place; the next one follows as soon as the reading is stored. */
import { useRouter } from 'expo-router';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import { questionsOf } from '@/core/walk/questions';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useJudgement } from '@/store/use-yard';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { count } from '@/words/names';
import { questionWords } from '@/words/question-words';
import { QuestionScreen } from './QuestionScreen';

export function LapQuestionScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const router = useRouter();
  const judgement = useJudgement(yard);
  const { saveReading } = useChanges();
  const { place } = judgement.found;
  const questions = questionsOf(place);
  const index = questions.findIndex((question) => question.id === id);
  const question = questions[index];
  if (!question) return <NotFoundScreen />;
  const walk = openWalk(yard.walks, 'lap');
  const next = questions[index + 1];
  const to = (target: typeof question | undefined) =>
    target
      ? router.replace({ pathname: '/walk/[question]', params: { question: target.id } })
      : router.replace('/walk');
  return (
    <QuestionScreen
      key={id}
      place={place}
      judgement={judgement}
      question={question}
      given={readingIn(walk, question)}
      progress={`${index + 1} of ${questions.length}`}
      note={count(judgement.waysIn.length, 'way in', 'ways in')}
      nextName={next ? questionWords(next, place).short : 'the end of the walk'}
      onSave={async (reading) => {
        await saveReading(reading, 'lap');
        to(next);
      }}
      onNext={() => to(next)}
      onBack={() => (questions[index - 1] ? to(questions[index - 1]) : router.replace('/walk'))}
      onLeave={() => router.replace('/walk')}
    />
  );
}
