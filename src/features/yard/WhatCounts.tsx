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
        Not judged yet: {names(judgement.notJudged)}; electric strands. A place may be open to these
        and still read well here.
      </Txt>
      <Txt tone="ink2">Rookle ranks and explains; it promises nothing.</Txt>
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
