import { WithYard } from '@/features/frame/WithYard';
import { DescribeScreen } from '@/features/fence/DescribeScreen';

export default function DescribePage() {
  return <WithYard>{(yard) => <DescribeScreen yard={yard} />}</WithYard>;
}
