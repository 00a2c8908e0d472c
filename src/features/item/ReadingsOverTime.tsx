/** Every reading of an item, newest first, and whether it got better or worse. */
import { itemText } from '@/words/screens/item';
import { View } from 'react-native';
import { inDateOrder, type FoundPlace } from '@/core/records/apply-readings';
import { itemId, itemsOf, type Item } from '@/core/place/find';
import type { Reading, Walk } from '@/core/records/walk';
import { isBetter } from '@/core/walk/better';
import { questionsOf } from '@/core/walk/questions';
import type { Yard } from '@/store/records';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { readingWords, askedTitle } from '@/words/reading-words';
import { dayWords } from '@/words/day-words';
import { itemName } from '@/words/item-words';

interface Props {
  readonly yard: Yard;
  readonly found: FoundPlace;
  readonly item: Item;
}

interface Taken {
  readonly walk: Walk;
  readonly reading: Reading;
  readonly before: Reading | undefined;
}

export function ReadingsOverTime({ yard, found, item }: Props) {
  const { place } = found;
  const within = item.kind === 'bay' ? itemsOf(item.bay) : [item];
  const ids = new Set(within.map(itemId));
  const questions = questionsOf(place);
  const taken = readingsOf(yard.walks, ids);
  const keys = [...new Set(taken.map(({ reading }) => `${reading.item} ${reading.attribute}`))];
  return (
    <Part title={itemText.readingsOverTime}>
      {keys.length === 0 && <Txt tone="ink2">{itemText.nothingHasBeenReadHere}</Txt>}
      {keys.map((key) => {
        const own = taken.filter(({ reading }) => `${reading.item} ${reading.attribute}` === key);
        const [first] = own;
        if (!first) return null;
        const { reading } = first;
        const question = questions.find(
          (it) => it.item === reading.item && it.attribute === reading.attribute,
        );
        const of = within.find((it) => itemId(it) === reading.item);
        return (
          <View key={key}>
            <Txt kind="strong">
              {askedTitle(place, question, reading)}
              {of && of.kind !== 'bay' && item.kind === 'bay' ? ` · ${itemName(place, of)}` : ''}
            </Txt>
            {own.map((it) => (
              <Txt key={it.reading.id} tone="ink2">
                {dayWords(it.walk.date)}: {readingWords(place, it.reading)}, {it.reading.how}
                {changeWords(it)}
                {it.reading.note ? `. ${it.reading.note}` : ''}
              </Txt>
            ))}
          </View>
        );
      })}
      {yard.place.units === 'imperial' && keys.length > 0 && (
        <Txt kind="small" tone="ink2">
          {itemText.toTheNearestSixteenth}
        </Txt>
      )}
    </Part>
  );
}

/** Newest first. */
function readingsOf(walks: readonly Walk[], ids: ReadonlySet<string>): Taken[] {
  const before = new Map<string, Reading>();
  const taken: Taken[] = [];
  for (const walk of inDateOrder(walks)) {
    for (const reading of walk.readings) {
      if (!ids.has(reading.item)) continue;
      const key = `${reading.item} ${reading.attribute}`;
      taken.push({ walk, reading, before: before.get(key) });
      if (reading.value !== 'cannot-tell') before.set(key, reading);
    }
  }
  return taken.reverse();
}

function changeWords({ reading, before }: Taken): string {
  const [now, then] = [valueOf(reading), valueOf(before)];
  if (now === undefined || then === undefined) return '';
  const better = isBetter(reading.attribute, now, then);
  if (better === undefined) return '';
  return better ? itemText.betterThanBefore : itemText.worseThanBefore;
}

function valueOf(reading: Reading | undefined): number | string | undefined {
  if (!reading || reading.value === 'cannot-tell' || !('is' in reading.value)) return undefined;
  return reading.value.is;
}
