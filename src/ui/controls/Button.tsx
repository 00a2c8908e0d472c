/** The button a glove finds. `<Button label="Next: pull test" onPress={next} />` */
import {
  Pressable,
  StyleSheet,
  type GestureResponderEvent,
  type StyleProp,
  type ViewStyle,
} from 'react-native';
import { color, readableWidth, space, touch } from '../theme/tokens';
import { Txt } from './Txt';

export interface ButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly look?: keyof typeof looks;
  readonly disabled?: boolean;
  readonly selected?: boolean;
  readonly style?: StyleProp<ViewStyle>;
  /** Where another screen's button may have stood a moment ago: the second of two quick taps was meant for that one. */
  readonly deliberate?: boolean;
  /** Said instead of the label where that is a sign or too short. */
  readonly says?: string;
}

export function Button({
  label,
  onPress,
  look = 'main',
  disabled = false,
  selected,
  style,
  deliberate = false,
  says,
}: ButtonProps) {
  const press = (event: GestureResponderEvent) => {
    if (!deliberate || !isSecondOfTwo(event)) onPress();
  };
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      {...(selected !== undefined && { 'aria-pressed': selected })}
      disabled={disabled}
      onPress={press}
      style={({ pressed }) => [
        shape.base,
        looks[selected ? 'chosen' : look],
        pressed && shape.pressed,
        disabled && shape.off,
        style,
      ]}
    >
      <Txt kind="label" tone={toneOf[selected ? 'chosen' : look]} style={shape.text}>
        {label}
      </Txt>
    </Pressable>
  );
}

/** A browser counts taps that follow each other quickly on one spot, whatever has come to stand there meanwhile. */
function isSecondOfTwo({ nativeEvent }: GestureResponderEvent): boolean {
  return 'detail' in nativeEvent && Number(nativeEvent.detail) > 1;
}

const shape = StyleSheet.create({
  base: {
    minHeight: touch,
    maxWidth: readableWidth - 2 * space.l,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1,
  },
  text: { textAlign: 'center' },
  pressed: { opacity: 0.75 },
  off: { opacity: 0.45 },
});

const looks = StyleSheet.create({
  main: { backgroundColor: color.holds, borderColor: color.holds },
  plain: { backgroundColor: color.ground, borderColor: color.ground },
  chip: { backgroundColor: color.paper, borderColor: color.wire, paddingHorizontal: space.xs },
  key: { backgroundColor: color.ground, borderColor: color.ground, paddingHorizontal: space.xs },
  chosen: { backgroundColor: color.chosen, borderColor: color.chosen, paddingHorizontal: space.xs },
  warn: { backgroundColor: color.paper, borderColor: color.openText },
});

const toneOf = {
  main: 'onHolds',
  plain: 'ink',
  chip: 'ink',
  key: 'ink',
  chosen: 'onChosen',
  warn: 'open',
} as const;
