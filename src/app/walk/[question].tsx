import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { LapQuestionScreen } from '@/features/walk/LapQuestionScreen';

export default function WalkQuestion() {
  const { question } = useLocalSearchParams<{ question: string }>();
  return <WithYard>{(yard) => <LapQuestionScreen yard={yard} id={question} />}</WithYard>;
}
