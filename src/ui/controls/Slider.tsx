/** A sum to be slid: the browser's own range, so that fingers, keys and screen readers find what they know. */
import { StyleSheet, View } from 'react-native';
import { color, touch } from '../theme/tokens';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly step: number;
  /** Read out instead of the bare number. */
  readonly says: string;
  readonly onChange: (value: number) => void;
}

export function Slider({ label, value, most, step, says, onChange }: Props) {
  return (
    <View style={styles.slot}>
      <input
        type="range"
        min={0}
        max={most}
        step={step}
        value={Math.min(value, most)}
        aria-label={label}
        aria-valuetext={says}
        onChange={(event) => onChange(Number(event.target.value))}
        style={{ width: '100%', height: touch, margin: 0, accentColor: color.holds }}
      />
    </View>
  );
}

const styles = StyleSheet.create({ slot: { minHeight: touch, justifyContent: 'center' } });
