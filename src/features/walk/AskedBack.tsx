/** What a figure may have meant, to be chosen in one tap. */
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { space } from '@/ui/theme/tokens';

interface Props {
  readonly asked: readonly string[];
  readonly onChoose: (text: string) => void;
}

export function AskedBack({ asked, onChoose }: Props) {
  if (asked.length === 0) return null;
  return (
    <View style={styles.row}>
      {asked.map((text) => (
        <Button
          key={text}
          look="key"
          label={text}
          onPress={() => onChoose(text)}
          style={styles.key}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s },
  key: { flex: 1 },
});
