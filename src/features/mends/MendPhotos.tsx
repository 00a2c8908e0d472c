/** Photos of the spot before it was mended and after. */
import { mendsText } from '@/words/screens/mends';
import { lastChange } from '@/core/mends/review';
import type { Mend } from '@/core/records/mend';
import { Photos } from '@/features/photos/Photos';

interface Props {
  readonly placeId: string;
  readonly mend: Mend;
  readonly name: string;
}

export function MendPhotos({ placeId, mend, name }: Props) {
  const done = lastChange(mend, 'done')?.at;
  return (
    <Photos
      placeId={placeId}
      items={[mend.id]}
      name={name}
      title={mendsText.beforeAndAfter}
      over={({ at }) => (done !== undefined && at >= done ? mendsText.after : mendsText.before)}
    />
  );
}
