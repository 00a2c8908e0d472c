/** What was done last, to be taken back; what was taken back, to be done again. Nothing, where there is neither. */
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ChangedSince } from '@/store/change-yard';
import { useHistory } from '@/store/use-history';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { undoText } from '@/words/change-words';
import { changedSinceWords, notSavedWords } from '@/words/not-saved-words';

export function UndoBar({ placeId }: { readonly placeId: string }) {
  const { undoes, redoes, undo, redo } = useHistory(placeId);
  const [trouble, setTrouble] = useState<string>();
  const run = (work: () => Promise<unknown>) => {
    setTrouble(undefined);
    work().catch((error: unknown) =>
      setTrouble(error instanceof ChangedSince ? changedSinceWords : notSavedWords(error)),
    );
  };
  if (undoes === undefined && redoes === undefined && trouble === undefined) return null;
  return (
    <View style={styles.bar}>
      {trouble && <Notice>{trouble}</Notice>}
      <View style={styles.row}>
        {undoes !== undefined && (
          <Button
            look="key"
            label={undoText.undo(undoes)}
            onPress={() => run(undo)}
            style={styles.half}
          />
        )}
        {redoes !== undefined && (
          <Button
            look="key"
            label={undoText.redo(redoes)}
            onPress={() => run(redo)}
            style={styles.half}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { gap: space.s },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
