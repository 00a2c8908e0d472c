/** One of several, by hand or by key as everywhere: the arrows move, Space and Enter choose. */
import type { ReactNode } from 'react';
import { Pressable, View, type StyleProp, type ViewStyle } from 'react-native';
import { onKey } from './on-key';

interface GroupProps {
  readonly says: string;
  readonly children: ReactNode;
  readonly style?: StyleProp<ViewStyle>;
}

export function RadioGroup({ says, children, style }: GroupProps) {
  return (
    <View role="radiogroup" aria-label={says} style={style} {...onKey(moveFocus)}>
      {children}
    </View>
  );
}

interface RadioProps {
  readonly checked: boolean;
  /** Whether Tab comes to it: to the one that is chosen, or to the first. */
  readonly isStop: boolean;
  readonly says?: string;
  /** Shown, and not to be chosen now. */
  readonly disabled?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly style?: StyleProp<ViewStyle>;
}

export function Radio({
  checked,
  isStop,
  says,
  disabled = false,
  onPress,
  children,
  style,
}: RadioProps) {
  return (
    <Pressable
      role="radio"
      aria-checked={checked}
      {...(says !== undefined && { 'aria-label': says })}
      tabIndex={isStop ? 0 : -1}
      disabled={disabled}
      onPress={onPress}
      style={style}
      {...onKey(({ key }) => {
        // Enter presses everything; Space only what is a button.
        if (key !== ' ' || disabled) return false;
        onPress();
        return true;
      })}
    >
      {children}
    </Pressable>
  );
}

const steps: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
};

/** Choosing can store a reading at once, so the arrows only move. */
function moveFocus({ key, currentTarget }: KeyboardEvent): boolean {
  const step = steps[key];
  if (step === undefined || !(currentTarget instanceof HTMLElement)) return false;
  const radios = [...currentTarget.querySelectorAll<HTMLElement>('[role="radio"]')];
  const at = radios.findIndex((it) => it === document.activeElement);
  const next = radios[(Math.max(at, step < 0 ? 0 : -1) + step + radios.length) % radios.length];
  next?.focus();
  return next !== undefined;
}
