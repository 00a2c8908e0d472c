/** What devices say that is out of the ordinary, in one line; nothing where nothing is. */
import { newsOf } from '@/core/devices/news';
import { NewsRow } from '@/features/devices/NewsRow';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import type { Place } from '@/core/place/place';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { useWide } from '@/ui/theme/use-wide';
import { devicesText } from '@/words/screens/devices';

interface Props {
  readonly yard: Yard;
  /** As found. */
  readonly place: Place;
}

export function DeviceNewsCard({ yard, place }: Props) {
  const today = useToday();
  const wide = useWide();
  const [first, ...others] = newsOf(place, yard.sightings, today);
  if (!first) return null;
  // One leads to what does something about it; of several the page says which.
  if (others.length === 0) return <NewsRow news={first} beside={wide} />;
  const says = devicesText.allNews([first, ...others]);
  return (
    <LinkRow href="/devices" says={`${devicesText.outOfTheOrdinary}: ${says}`} beside={wide}>
      <Txt tone="ink2" lines={3}>
        <Txt kind="strong" tone="open">
          {devicesText.outOfTheOrdinary}:
        </Txt>{' '}
        {says}
      </Txt>
    </LinkRow>
  );
}
