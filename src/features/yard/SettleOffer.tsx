/** How few readings would settle what is said, and how long they take: the way to that walk. It keeps its room while that is worked out. */
import { applyReadings } from '@/core/records/apply-readings';
import { lastOnFoot } from '@/core/walk/on-foot';
import { openWalk } from '@/core/walk/open-walk';
import { stopsOf } from '@/core/walk/stops';
import { minutesLeft } from '@/core/walk/time-left';
import { useSettling } from '@/features/stop/use-settling';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { useWide } from '@/ui/theme/use-wide';
import { yardText } from '@/words/screens/yard';

export function SettleOffer({ yard }: { readonly yard: Yard }) {
  const today = useToday();
  const { settled, isWorking } = useSettling(yard);
  const wide = useWide();
  // A walk in hand is gone on with first.
  if (openWalk(yard.walks, 'lap') || !(settled || isWorking)) return null;
  const asks = settled?.asks ?? [];
  if (asks.length === 0) {
    const says = settled ? yardText.nothingCouldChangeThis : yardText.lookingWhatCouldChangeThis;
    return (
      <LinkRow href={undefined} says={says} beside={wide}>
        <Txt tone="ink2" room={2}>
          {says}
        </Txt>
      </LinkRow>
    );
  }
  const found = applyReadings(yard.place, yard.walks);
  const { stops } = stopsOf(found, { purpose: 'settle', asks: [...asks] }, today);
  const minutes = minutesLeft(stops, undefined, () => false);
  const says = lastOnFoot(yard.walks)
    ? yardText.couldStillChangeThis(asks.length, minutes)
    : yardText.walkItToKnow(asks.length, minutes);
  return (
    <LinkRow href={{ pathname: '/walk', params: { purpose: 'settle' } }} says={says} beside={wide}>
      <Txt kind="strong" tone="holds" room={2}>
        {says}
      </Txt>
    </LinkRow>
  );
}
