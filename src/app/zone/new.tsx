import { WithYard } from '@/features/frame/WithYard';
import { NewZoneScreen } from '@/features/zone/NewZoneScreen';

export default function NewZone() {
  return <WithYard>{(yard) => <NewZoneScreen yard={yard} />}</WithYard>;
}
