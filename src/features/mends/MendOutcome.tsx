/** What the readings since say: holds, still lets by, not measured. */
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { lastChange, type MendCheck } from '@/core/mends/review';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { dayWords } from '@/words/day-words';
import { animalList, capital, count } from '@/words/names';
import { reasonWords } from '@/words/reason-words';
import { spotWords } from '@/words/spot-words';

interface Props {
  readonly place: Place;
  readonly mend: Mend;
  readonly check: MendCheck;
}

export function MendOutcome({ place, mend, check }: Props) {
  const { stillLetsBy, unread, inDoubt } = check;
  const measured = unread.length === 0;
  if (mend.state === 'done' && !measured) {
    return (
      <Notice tone="hours">
        {`Not counted yet: ${count(unread.length, 'reading')} to take again, by tape or probe. Until then the yard is judged as it was.`}
      </Notice>
    );
  }
  if ((mend.state === 'done' || mend.state === 'open') && stillLetsBy[0]) {
    const animals = [...new Set(stillLetsBy.map((part) => part.animal))];
    return (
      <Notice>
        {`${capital(animalList(animals))} still get by, ${spotWords(place, stillLetsBy[0])}: ${reasonWords(place, stillLetsBy[0])} ${mend.state === 'open' ? openSince(mend) : 'Better it and measure again.'}`}
      </Notice>
    );
  }
  if (mend.state !== 'held') return null;
  return (
    <>
      <Notice tone="holds">Measured again: it holds against what it was made for.</Notice>
      {inDoubt[0] && (
        <Txt tone="hours">
          In doubt for {animalList([...new Set(inDoubt.map((part) => part.animal))])}:{' '}
          {reasonWords(place, inDoubt[0])}
        </Txt>
      )}
    </>
  );
}

/** By the walk that found it. */
function openSince(mend: Mend): string {
  const opened = lastChange(mend, 'open');
  const held = lastChange(mend, 'held');
  if (!opened) return 'It is open again.';
  const before = held ? ` It held from ${dayWords(held.at)}.` : '';
  return `Open again since ${dayWords(opened.at)}.${before}`;
}
