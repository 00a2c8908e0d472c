/** What was judged and what was not, so that silence is not taken for safety. */
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Judgement } from '@/core/score/judge';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { attackNames, listOf } from '@/words/names';

export function WhatCounts({ judgement }: { readonly judgement: Judgement }) {
  const names = (attacks: Judgement['judged']) => listOf(attacks.map((it) => attackNames[it]));
  return (
    <View style={styles.box}>
      <Txt kind="heading">What this counts</Txt>
      <Txt tone="ink2">Judged: {names(judgement.judged)}.</Txt>
      <Txt tone="ink2">
        A way in takes less than an hour; a slow way an hour to a night. What comes less than once a
        year is not counted.
      </Txt>
      <Txt tone="ink2">Rookle ranks and explains; it promises nothing.</Txt>
      <Link href="/how" style={styles.link}>
        <Txt kind="strong" tone="holds">
          How it is judged
        </Txt>
      </Link>
      <Link href="/figures" style={styles.link}>
        <Txt kind="strong" tone="holds">
          Every figure and its source
        </Txt>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { padding: space.l, gap: space.s },
  link: { paddingVertical: space.m },
});
