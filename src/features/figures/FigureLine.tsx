/** One figure with its source and mark. */
import { StyleSheet, View } from 'react-native';
import type { Figure } from '@/core/tables/figure';
import { sources } from '@/core/tables/sources';
import { Txt } from '@/ui/controls/Txt';
import { capital, figureText, markNames } from '@/words/names';

interface FigureLineProps {
  readonly name: string;
  readonly figure: Figure;
  /** The name says the figure already. */
  readonly said?: boolean;
}

export function FigureLine({ name, figure, said = false }: FigureLineProps) {
  const value = figureText(figure.value);
  const one = value === '1' ? singular[figure.unit] : undefined;
  const unit = unitless.includes(figure.unit) ? '' : ` ${one ?? figure.unit}`;
  return (
    <View style={styles.line}>
      <Txt kind="strong">{said ? name : `${name} ${value}${unit}${bandWords(figure)}`}</Txt>
      <Txt kind="small" tone="ink2">
        {capital(markNames[figure.mark])}: {sources[figure.source]}.
        {figure.note ? ` ${figure.note}` : ''}
      </Txt>
    </View>
  );
}

/** " (75–100)" where the sources give room. */
function bandWords({ band }: Figure): string {
  return band ? ` (${figureText(band[0])}–${figureText(band[1])})` : '';
}

const singular: Partial<Record<Figure['unit'], string>> = { years: 'year', months: 'month' };

/** Figures whose name says what they count. */
const unitless: readonly Figure['unit'][] = ['share', 'class', 'birds', 'visits'];

const styles = StyleSheet.create({ line: { gap: 2 } });
