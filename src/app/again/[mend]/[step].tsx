import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { AgainQuestionScreen } from '@/features/walk/AgainQuestionScreen';

export default function Again() {
  const { mend, step } = useLocalSearchParams<{ mend: string; step: string }>();
  return (
    <WithYard>
      {(yard) => <AgainQuestionScreen yard={yard} mendId={mend} step={Number(step)} />}
    </WithYard>
  );
}
