import { useLocalSearchParams } from 'expo-router';
import { animalIds } from '@/core/tables/animals';
import { AnimalScreen } from '@/features/animal/AnimalScreen';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { WithYard } from '@/features/frame/WithYard';

export default function AnimalPage() {
  const { animal } = useLocalSearchParams<{ animal: string }>();
  const id = animalIds.find((it) => it === animal);
  if (!id) return <NotFoundScreen />;
  return <WithYard>{(yard) => <AnimalScreen yard={yard} id={id} />}</WithYard>;
}
