import { DevicesScreen } from '@/features/devices/DevicesScreen';
import { WithYard } from '@/features/frame/WithYard';

export default function Devices() {
  return <WithYard>{(yard) => <DevicesScreen yard={yard} />}</WithYard>;
}
