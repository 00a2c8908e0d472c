/** The open place for a screen, or what to say while there is none. */
import { frameText } from '@/words/screens/frame';
import { Redirect } from 'expo-router';
import { useDeferredValue, type ReactNode } from 'react';
import { View, StyleSheet } from 'react-native';
import { Unreadable, type Yard } from '@/store/records';
import { useYard } from '@/store/use-yard';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';

export function WithYard({ children }: { readonly children: (yard: Yard) => ReactNode }) {
  const { data, error, isPending } = useYard();
  // A screen's first drawing is the longest piece of work there is: deferred, React cuts it into slices that
  // a touch can get in between.
  const shown = useDeferredValue(!isPending, false);
  if (!shown) return <View style={styles.page} aria-busy />;
  if (error) return <Trouble error={error} />;
  if (!data) return <Redirect href="/begin" />;
  return <>{children(data)}</>;
}

function Trouble({ error }: { readonly error: Error }) {
  return (
    <View style={styles.page}>
      <Txt kind="heading">{frameText.thePlaceCouldNotBe}</Txt>
      <Notice>
        {error instanceof Unreadable
          ? frameText.oneOfItsRecordsWas(error.key)
          : frameText.thisBrowserDidNotHand}
      </Notice>
    </View>
  );
}

const styles = StyleSheet.create({ page: { flex: 1, padding: space.l, gap: space.m } });
