import { WithYard } from '@/features/frame/WithYard';
import { PricesScreen } from '@/features/prices/PricesScreen';

export default function Prices() {
  return <WithYard>{(yard) => <PricesScreen yard={yard} />}</WithYard>;
}
