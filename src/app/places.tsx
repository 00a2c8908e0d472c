import { WithYard } from '@/features/frame/WithYard';
import { PlacesScreen } from '@/features/places/PlacesScreen';

export default function Places() {
  return <WithYard>{(yard) => <PlacesScreen yard={yard} />}</WithYard>;
}
