import { frameText } from '@/words/screens/frame';
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';

export function NotFoundScreen() {
  return (
    <View style={styles.page}>
      <Txt kind="heading">{frameText.thereIsNothingAtThis}</Txt>
      <Link href="/">
        <Txt kind="strong" tone="holds">
          {frameText.toTheYard}
        </Txt>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
