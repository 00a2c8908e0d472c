import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';

export function NotFoundScreen() {
  return (
    <View style={styles.page}>
      <Txt kind="heading">There is nothing at this address</Txt>
      <Link href="/">
        <Txt kind="strong" tone="holds">
          To the yard
        </Txt>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({ page: { padding: space.l, gap: space.m } });
