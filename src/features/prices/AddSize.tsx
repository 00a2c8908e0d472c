/** Another size that the keeper's shop has. */
import { pricesText } from '@/words/screens/prices';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { OwnPrice } from '@/core/mends/shopping/shop';
import { sizeId, type Sold, type SoldSize } from '@/core/mends/shopping/sold';
import type { Place } from '@/core/place/place';
import { isLength, readLength } from '@/core/walk/length-entry';
import { localDay } from '@/store/local-day';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { centsFrom } from '@/features/edit/sum-entry';
import { editText } from '@/words/screens/edit';

interface Props {
  readonly place: Place;
  /** What it is sold like. */
  readonly like: Sold | undefined;
  readonly onPrice: (price: OwnPrice) => void;
}

export function AddSize({ place, like, onPrice }: Props) {
  const [open, setOpen] = useState(false);
  const [fields, setFields] = useState({ length: '', width: '', count: '', price: '' });
  const [tried, setTried] = useState(false);
  if (!like) return null;
  const set = (name: keyof typeof fields) => (text: string) =>
    setFields((before) => ({ ...before, [name]: text }));
  const size = sizeFrom(like.size, fields, place.units);
  const cents = centsFrom(fields.price);
  const unit = place.units === 'metric' ? 'mm' : 'in';
  const add = () => {
    setTried(true);
    if (!size || cents === undefined) return;
    onPrice({
      id: `${like.material} ${sizeId(size)}`,
      material: like.material,
      size,
      cents,
      seen: localDay(new Date()),
    });
    setOpen(false);
    setTried(false);
  };
  if (!open)
    return <Button look="plain" label={pricesText.addAnotherSize} onPress={() => setOpen(true)} />;
  return (
    <View style={styles.edit}>
      {like.size.form === 'pack' ? (
        <Field
          label={pricesText.howManyInIt}
          value={fields.count}
          onChange={set('count')}
          numeric
        />
      ) : (
        <>
          {'width' in like.size && (
            <Field label={pricesText.width(unit)} value={fields.width} onChange={set('width')} />
          )}
          <Field label={pricesText.length(unit)} value={fields.length} onChange={set('length')} />
        </>
      )}
      <Field label={pricesText.price} value={fields.price} onChange={set('price')} />
      {tried && (!size || cents === undefined) && (
        <Txt tone="open" live>
          {size ? editText.wrongSum : pricesText.sayHowLargeItIs}
        </Txt>
      )}
      <View style={styles.buttons}>
        <Button label={pricesText.addItSeenToday} onPress={add} style={styles.button} />
        <Button
          look="plain"
          label={pricesText.leaveIt}
          onPress={() => setOpen(false)}
          style={styles.button}
        />
      </View>
    </View>
  );
}

function sizeFrom(
  like: SoldSize,
  fields: Readonly<Record<'length' | 'width' | 'count', string>>,
  units: Place['units'],
): SoldSize | undefined {
  if (like.form === 'pack') {
    const count = Number(fields.count);
    return Number.isInteger(count) && count > 0 && count <= 100_000
      ? { form: 'pack', count }
      : undefined;
  }
  const long = lengthFrom(fields.length, units);
  if (long === undefined) return undefined;
  if (!('width' in like) || like.width === undefined) return { ...like, length: long };
  const wide = lengthFrom(fields.width, units);
  return wide === undefined ? undefined : { ...like, length: long, width: wide };
}

function lengthFrom(text: string, units: Place['units']): number | undefined {
  const read = readLength(text, units, 1_000_000);
  return isLength(read) && read.mm > 0 ? read.mm : undefined;
}

const styles = StyleSheet.create({
  edit: { gap: space.m, paddingVertical: space.s },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  button: { flexGrow: 1 },
});
