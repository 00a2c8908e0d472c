/** One material: every size with its price, opened to change one or add another. */
import { pricesText } from '@/words/screens/prices';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Material } from '@/core/mends/catalogue';
import { soldOf, type OwnPrice, type Shop } from '@/core/mends/shopping/shop';
import { soldByDefault, type Sold } from '@/core/mends/shopping/sold';
import type { Place } from '@/core/place/place';
import { localDay } from '@/store/local-day';
import { useShopChanges } from '@/store/use-shop-changes';
import { Button } from '@/ui/controls/Button';
import { Field } from '@/ui/controls/Field';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space, touch } from '@/ui/theme/tokens';
import { materialName } from '@/words/mend-words';
import { capital } from '@/words/names';
import { AddSize } from './AddSize';
import { centsFrom } from '@/features/edit/sum-entry';
import { editText } from '@/words/screens/edit';
import { notSavedWords } from '@/words/not-saved-words';
import { moneyWords } from '@/words/plan-words';
import { sizeWords, unitPriceWords } from '@/words/shop-words';

interface Props {
  readonly place: Place;
  readonly shop: Shop;
  readonly material: Material;
}

export function MaterialPrices({ place, shop, material }: Props) {
  const [open, setOpen] = useState(false);
  const [editing, setEditing] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const { setPrice, forgetPrice } = useShopChanges();
  const sold = soldOf(material, place, shop);
  const without = shop.prices.filter((it) => it.material === material && it.none);
  const name = capital(materialName(place.units, material));
  const [cheapest] = [...sold].sort((a, b) => a.cents - b.cents);
  const done = (work: Promise<unknown>) => {
    work.then(
      () => setEditing(undefined),
      (error: unknown) => setTrouble(notSavedWords(error)),
    );
  };
  return (
    <View style={styles.material}>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={pricesText.onSale(name, sold.length)}
        onPress={() => setOpen(!open)}
        style={styles.head}
      >
        <Txt kind="strong" style={styles.words}>
          {name}
        </Txt>
        <Txt tone="ink2">
          {cheapest ? pricesText.from(place, cheapest.cents) : pricesText.notSold}
        </Txt>
        <Txt kind="label" tone="ink2">
          {open ? '–' : '+'}
        </Txt>
      </Pressable>
      {open && (
        <View style={styles.sizes}>
          {trouble && <Notice>{trouble}</Notice>}
          {sold.map((it) => (
            <View key={it.id} style={styles.size}>
              <View style={styles.line}>
                <View style={styles.words}>
                  <Txt>
                    {capital(sizeWords(place, it.size) || 'one')}: {moneyWords(place, it.cents)}
                  </Txt>
                  <Txt kind="small" tone="ink2">
                    {it.seen === undefined ? pricesText.aRoundSumOfOurs : pricesText.seen(it.seen)}
                    {unitPriceWords(place, it) !== '' && `; ${unitPriceWords(place, it)}`}
                  </Txt>
                </View>
                <Button
                  look="key"
                  label={editing === it.id ? pricesText.close : pricesText.change}
                  says={`${name}, ${sizeWords(place, it.size) || 'one'}: ${editing === it.id ? 'close' : 'change'}`}
                  onPress={() => setEditing(editing === it.id ? undefined : it.id)}
                  style={styles.change}
                />
              </View>
              {editing === it.id && (
                <EditPrice
                  place={place}
                  sold={it}
                  isOurs={soldByDefault(material, place.setting.region).some(
                    ({ id }) => id === it.id,
                  )}
                  onPrice={(price) => done(setPrice(price))}
                  onForget={() => done(forgetPrice(it.id))}
                />
              )}
            </View>
          ))}
          {without.map((it) => (
            <View key={it.id} style={styles.line}>
              <Txt tone="ink2" style={styles.words}>
                {pricesText.notToBeHad(sizeWords(place, it.size) || 'one')}
              </Txt>
              <Button
                look="key"
                label={pricesText.hasIt}
                says={pricesText.theShopHasItAfter(name, sizeWords(place, it.size) || 'one')}
                onPress={() => done(forgetPrice(it.id))}
                style={styles.change}
              />
            </View>
          ))}
          <AddSize
            place={place}
            like={soldByDefault(material, place.setting.region)[0]}
            onPrice={(price) => done(setPrice(price))}
          />
        </View>
      )}
    </View>
  );
}

interface EditProps {
  readonly place: Place;
  readonly sold: Sold;
  /** There is a round sum to go back to. */
  readonly isOurs: boolean;
  readonly onPrice: (price: OwnPrice) => void;
  readonly onForget: () => void;
}

function EditPrice({ place, sold, isOurs, onPrice, onForget }: EditProps) {
  const [typed, setTyped] = useState(String(sold.cents / 100));
  const [tried, setTried] = useState(false);
  const { id, material, size, cents } = sold;
  const price = (own: Pick<OwnPrice, 'cents' | 'none'>): OwnPrice => ({
    id,
    material,
    size,
    seen: localDay(new Date()),
    ...own,
  });
  return (
    <View style={styles.edit}>
      <Field
        label={pricesText.priceOf(sizeWords(place, size) || 'one')}
        value={typed}
        onChange={setTyped}
        trouble={tried && centsFrom(typed) === undefined ? editText.wrongSum : undefined}
      />
      <View style={styles.buttons}>
        <Button
          label={pricesText.keepItSeenToday}
          onPress={() => {
            const sum = centsFrom(typed);
            setTried(true);
            if (sum !== undefined) onPrice(price({ cents: sum }));
          }}
          style={styles.button}
        />
        {isOurs && (
          <Button
            look="plain"
            label={pricesText.notToBeHadThere}
            onPress={() => onPrice(price({ cents, none: true }))}
            style={styles.button}
          />
        )}
        {sold.seen !== undefined && (
          <Button
            look="plain"
            label={isOurs ? pricesText.backToOurRoundSum : pricesText.takeItOut}
            onPress={onForget}
            style={styles.button}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  material: { borderTopWidth: 1, borderTopColor: color.hairline },
  head: { flexDirection: 'row', alignItems: 'center', gap: space.m, minHeight: touch },
  words: { flex: 1, minWidth: 0 },
  sizes: { gap: space.m, paddingBottom: space.l },
  size: { gap: space.s },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  change: { minWidth: 88 },
  edit: { gap: space.m, paddingVertical: space.s },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  button: { flexGrow: 1 },
});
