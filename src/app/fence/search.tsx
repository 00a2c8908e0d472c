import { WithYard } from '@/features/frame/WithYard';
import { SearchScreen } from '@/features/fence/SearchScreen';

export default function SearchPage() {
  return <WithYard>{(yard) => <SearchScreen yard={yard} />}</WithYard>;
}
