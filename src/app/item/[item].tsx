import { useLocalSearchParams } from 'expo-router';
import { WithYard } from '@/features/frame/WithYard';
import { ItemScreen } from '@/features/item/ItemScreen';

export default function ItemPage() {
  const { item } = useLocalSearchParams<{ item: string }>();
  return <WithYard>{(yard) => <ItemScreen yard={yard} id={item} />}</WithYard>;
}
