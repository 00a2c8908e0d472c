/** The list to others: as text, as a table, on paper. */
import { shopText } from '@/words/screens/shopping';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ShoppingList } from '@/core/mends/shopping/shopping-list';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { saveAs } from '@/features/place/save-as';
import { TableButton } from '@/features/place/TableButton';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { shoppingTable, shoppingText } from '@/words/shop-words';

interface Props {
  readonly place: Place;
  readonly mends: readonly Mend[];
  readonly list: ShoppingList;
  readonly ticked: readonly string[];
}

export function ShareList({ place, mends, list, ticked }: Props) {
  const [said, setSaid] = useState<string>();
  const share = () => {
    shareText(shopText.shoppingFor(place.name), shoppingText(place, mends, list, ticked)).then(
      setSaid,
      () => setSaid(undefined),
    );
  };
  return (
    <>
      <View style={styles.row}>
        <Button look="plain" label={shopText.shareAsText} onPress={share} style={styles.button} />
        <TableButton
          label={shopText.saveAsATableCsv}
          name={`${place.id}-shopping`}
          table={() => shoppingTable(place, mends, list, ticked)}
          style={styles.button}
        />
        <Button
          look="plain"
          label={shopText.print}
          onPress={() => window.print()}
          style={styles.button}
        />
      </View>
      {said !== undefined && (
        <Txt kind="small" tone="ink2" live>
          {said}
        </Txt>
      )}
    </>
  );
}

/** By the device's own sharing; where it has none, into the clipboard; where that is refused, as a file. */
async function shareText(title: string, text: string): Promise<string | undefined> {
  if (typeof navigator.share === 'function') {
    await navigator.share({ title, text });
    return undefined;
  }
  try {
    await navigator.clipboard.writeText(text);
    return shopText.copiedPutItIntoA;
  } catch {
    saveAs('shopping.txt', text, 'text/plain');
    return shopText.savedAsATextFile;
  }
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  button: { flexGrow: 1, minWidth: 110 },
});
