/** What is shown in place of a screen that failed, while everything round it stands: what happened, once more, and the way out. */
import type { ErrorBoundaryProps } from 'expo-router';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { frameText } from '@/words/screens/frame';
import { isMissingScript, reloadOnce } from './missing-script';

export function ScreenTrouble({ error, retry }: ErrorBoundaryProps) {
  const isMissing = isMissingScript(error);
  useEffect(() => reloadOnce(error), [error]);
  return (
    <View role="alert" style={styles.page}>
      <Txt kind="heading">{frameText.thisScreenFailed}</Txt>
      <Notice>{isMissing ? frameText.aScriptIsMissing : frameText.whatYouTypedElsewhere}</Notice>
      <Txt kind="small" tone="ink2">
        {error.message}
      </Txt>
      <Button
        label={frameText.tryAgain}
        onPress={() => (isMissing ? window.location.reload() : void retry())}
      />
      <LinkRow href="/" says={frameText.toTheYard}>
        <Txt kind="strong">{frameText.toTheYard}</Txt>
      </LinkRow>
    </View>
  );
}

const styles = StyleSheet.create({ page: { flex: 1, padding: space.l, gap: space.m } });
