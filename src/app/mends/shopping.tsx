import { WithYard } from '@/features/frame/WithYard';
import { ShoppingScreen } from '@/features/shopping/ShoppingScreen';

export default function Shopping() {
  return <WithYard>{(yard) => <ShoppingScreen yard={yard} />}</WithYard>;
}
