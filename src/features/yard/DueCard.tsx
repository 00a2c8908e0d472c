/** What is due today, in one line; nothing where nothing is. */
import { useDue } from '@/features/due/use-due';
import type { Yard } from '@/store/records';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Txt } from '@/ui/controls/Txt';
import { useWide } from '@/ui/theme/use-wide';
import { dueName } from '@/words/due-words';
import { dueText } from '@/words/screens/due';
import type { Place } from '@/core/place/place';

interface Props {
  readonly yard: Yard;
  /** As found. */
  readonly place: Place;
}

export function DueCard({ yard, place }: Props) {
  const { now } = useDue(yard);
  const wide = useWide();
  if (now.length === 0) return null;
  const names = now.map((it) => dueName(place, it)[0]);
  return (
    <LinkRow href="/due" says={dueText.onTheYard(names)} beside={wide}>
      <Txt tone="ink2" lines={wide ? 3 : 1}>
        <Txt kind="strong" tone="hours">
          {dueText.title(now.length, undefined)}:
        </Txt>{' '}
        {dueText.among(names)}
      </Txt>
    </LinkRow>
  );
}
