/** What the readings since say: holds, still lets by, not measured. */
import { mendsText } from '@/words/screens/mends';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { lastChange, type MendCheck } from '@/core/mends/review';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';

interface Props {
  readonly place: Place;
  readonly mend: Mend;
  readonly check: MendCheck;
}

export function MendOutcome({ place, mend, check }: Props) {
  const { stillLetsBy, unread, inDoubt } = check;
  const measured = unread.length === 0;
  if (mend.state === 'done' && !measured) {
    return <Notice tone="hours">{mendsText.notCountedYetToTake(unread.length)}</Notice>;
  }
  if ((mend.state === 'done' || mend.state === 'open') && stillLetsBy[0]) {
    const animals = [...new Set(stillLetsBy.map((part) => part.animal))];
    return (
      <Notice>
        {mendsText.stillGetBy(
          animals,
          place,
          stillLetsBy[0],
          mend.state === 'open' ? openSince(mend) : mendsText.betterItAndMeasureAgain,
        )}
      </Notice>
    );
  }
  if (mend.state !== 'held') return null;
  return (
    <>
      <Notice tone="holds">{mendsText.measuredAgainItHoldsAgainst}</Notice>
      {inDoubt[0] && (
        <Txt tone="hours">
          {mendsText.inDoubtFor(
            [...new Set(inDoubt.map((part) => part.animal))],
            place,
            inDoubt[0],
          )}
        </Txt>
      )}
    </>
  );
}

/** By the walk that found it. */
function openSince(mend: Mend): string {
  const opened = lastChange(mend, 'open');
  const held = lastChange(mend, 'held');
  if (!opened) return mendsText.itIsOpenAgain;
  return mendsText.openAgainSince(opened.at, held?.at);
}
