import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { InquiryScreen } from '@/features/happened/InquiryScreen';

export default function InquiryPage() {
  const { loss } = useLocalSearchParams<{ loss: string }>();
  return <WithYard>{(yard) => <InquiryScreen key={loss} yard={yard} id={loss} />}</WithYard>;
}
