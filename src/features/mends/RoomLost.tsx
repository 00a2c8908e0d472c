/** Where a mend leaves the birds less room or air, that is said before it is made. */
import { useMemo } from 'react';
import { withMends } from '@/core/mends/plan/with-mends';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import { roomForBirds, roomLost } from '@/core/room/room-for-birds';
import { useToday } from '@/store/use-today';
import { Notice } from '@/ui/controls/Notice';
import { roomLostWords } from '@/words/room-words';

interface Props {
  /** As found. */
  readonly place: Place;
  readonly mend: Pick<Mend, 'targets'>;
}

export function RoomLost({ place, mend }: Props) {
  const today = useToday();
  const says = useMemo(() => {
    const after = roomForBirds(withMends(place, [mend]), today);
    return roomLostWords(roomLost(roomForBirds(place, today), after), place.units);
  }, [place, mend, today]);
  return says === undefined ? null : <Notice tone="hours">{says}</Notice>;
}
