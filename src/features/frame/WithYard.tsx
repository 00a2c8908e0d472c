/** The open place for a screen, or what to say while there is none. */
import { frameText } from '@/words/screens/frame';
import { Redirect } from 'expo-router';
import { useDeferredValue, type ReactNode } from 'react';
import { View, StyleSheet } from 'react-native';
import { Unreadable, type Yard } from '@/store/records';
import { useYard } from '@/store/use-yard';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { DamagedNotice } from './DamagedNotice';

export function WithYard({ children }: { readonly children: (yard: Yard) => ReactNode }) {
  const { data, error, isPending, refetch } = useYard();
  // A screen's first drawing is the longest piece of work there is: deferred, React cuts it into slices that
  // a touch can get in between.
  const shown = useDeferredValue(!isPending, false);
  if (!shown) return <View style={styles.page} aria-busy />;
  if (error) return <Trouble error={error} retry={refetch} />;
  if (!data) return <Redirect href="/begin" />;
  return <>{children(data)}</>;
}

interface TroubleProps {
  readonly error: Error;
  readonly retry: () => Promise<unknown>;
}

function Trouble({ error, retry }: TroubleProps) {
  return (
    <View style={styles.page}>
      <Txt kind="heading">{frameText.thePlaceCouldNotBe}</Txt>
      {error instanceof Unreadable ? (
        <DamagedNotice damaged={[error.damaged]} />
      ) : (
        <Notice>{frameText.thisBrowserDidNotHand}</Notice>
      )}
      <Button label={frameText.tryAgain} onPress={() => void retry()} />
      <LinkRow href="/places" says={frameText.otherPlaces}>
        <Txt kind="strong">{frameText.otherPlaces}</Txt>
      </LinkRow>
      <LinkRow href="/begin" says={frameText.beginOrOpen}>
        <Txt kind="strong">{frameText.beginOrOpen}</Txt>
      </LinkRow>
    </View>
  );
}

const styles = StyleSheet.create({ page: { flex: 1, padding: space.l, gap: space.m } });
