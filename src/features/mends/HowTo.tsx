/** How a mend is made: steps, tools, skill, what it may harm. */
import { mendsText } from '@/words/screens/mends';
import { View } from 'react-native';
import { catalogue } from '@/core/mends/catalogue';
import type { CatalogueKind } from '@/core/mends/catalogue';
import { handiwork } from '@/core/mends/catalogue/handiwork';
import { harmChecks, harms } from '@/core/mends/catalogue/harm';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { cautionWords, mendWords } from '@/words/mend-words';
import { handiworkWords, harmWords, noHarmWords } from '@/words/harm-words';

export function HowTo({ kind }: { readonly kind: CatalogueKind }) {
  const { cautions } = catalogue[kind];
  const checks = harmChecks(catalogue[kind]);
  const isHarm = (caution: string) => (harms as readonly string[]).includes(caution);
  return (
    <View style={{ gap: space.s }}>
      {mendWords[kind].steps.map((step, index) => (
        <Txt key={step}>
          {index + 1}. {step}
        </Txt>
      ))}
      <Txt tone="ink2">{handiworkWords(handiwork[kind])}</Txt>
      {cautions
        .filter((caution) => !isHarm(caution))
        .map((caution) => (
          <Notice key={caution} tone="hours">
            {cautionWords[caution]}
          </Notice>
        ))}
      <Txt kind="sub">{mendsText.lookedAtForHarm}</Txt>
      {checks
        .filter(({ applies }) => applies)
        .map((check) => (
          <Txt key={check.harm}>{harmWords(check)}</Txt>
        ))}
      <Txt tone="ink2">{noHarmWords(checks.filter(({ applies }) => !applies))}</Txt>
    </View>
  );
}
