/** How a mend came to stand where it stands. */
import { Txt } from '@/ui/controls/Txt';
import type { Mend } from '@/core/records/mend';
import { dayWords } from '@/words/day-words';
import { mendStateWords } from '@/words/mend-words';
import { capital } from '@/words/names';

export function StateTrail({ mend }: { readonly mend: Mend }) {
  return (
    <>
      {mend.history.map(({ state, at }, index) => (
        <Txt key={`${at} ${index}`} tone="ink2">
          {capital(mendStateWords[state])}, {dayWords(at)}
        </Txt>
      ))}
    </>
  );
}
