/** What is shown in place of a screen that failed, while everything round it stands: what happened, once more, and the way out. */
import { StyleSheet, View } from 'react-native';
import type { FallbackProps } from 'react-error-boundary';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { frameText } from '@/words/screens/frame';
import { isMissingScript } from './missing-script';

export function ScreenTrouble({ error, resetErrorBoundary }: FallbackProps) {
  const words = error instanceof Error ? error.message : String(error);
  const isMissing = isMissingScript(error);
  return (
    <View role="alert" style={styles.page}>
      <Txt kind="heading">{frameText.thisScreenFailed}</Txt>
      <Notice>{isMissing ? frameText.aScriptIsMissing : frameText.whatYouTypedElsewhere}</Notice>
      <Txt kind="small" tone="ink2">
        {words}
      </Txt>
      <Button
        label={frameText.tryAgain}
        onPress={() => (isMissing ? window.location.reload() : resetErrorBoundary())}
      />
      <LinkRow href="/" says={frameText.toTheYard}>
        <Txt kind="strong">{frameText.toTheYard}</Txt>
      </LinkRow>
    </View>
  );
}

const styles = StyleSheet.create({ page: { flex: 1, padding: space.l, gap: space.m } });
