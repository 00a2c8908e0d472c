/** The walk: what it is for and which way round, then its stops with what has been read at each. */
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BeginWalk } from './BeginWalk';
import { StopsOfWalk } from './StopsOfWalk';
import { useWalk } from './use-walk';

export function WalkScreen({ yard }: { readonly yard: Yard }) {
  const judgement = useJudgement(yard);
  const inHand = useWalk(yard, judgement);
  return inHand.walk ? (
    <StopsOfWalk judgement={judgement} inHand={inHand} walk={inHand.walk} />
  ) : (
    <BeginWalk yard={yard} judgement={judgement} />
  );
}
