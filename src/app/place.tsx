import { WithYard } from '@/features/frame/WithYard';
import { PlaceScreen } from '@/features/place/PlaceScreen';

export default function Place() {
  return <WithYard>{(yard) => <PlaceScreen yard={yard} />}</WithYard>;
}
