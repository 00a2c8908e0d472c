/** What was judged and what was not, so that silence is not taken for safety. */
import { yardText } from '@/words/screens/yard';
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
      <Txt kind="heading">{yardText.whatThisCounts}</Txt>
      <Txt tone="ink2">{yardText.judged(names(judgement.judged))}</Txt>
      <Txt tone="ink2">{yardText.aWayInTakesLess}</Txt>
      <Txt tone="ink2">{yardText.rookleRanksAndExplainsIt}</Txt>
      <Link href="/how" style={styles.link}>
        <Txt kind="strong" tone="holds">
          {yardText.howItIsJudged}
        </Txt>
      </Link>
      <Link href="/figures" style={styles.link}>
        <Txt kind="strong" tone="holds">
          {yardText.everyFigureAndItsSource}
        </Txt>
      </Link>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { padding: space.l, gap: space.s },
  link: { paddingVertical: space.m },
});
