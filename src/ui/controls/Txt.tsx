/** Text in one of the faces of the house. `<Txt kind="title">2 ways in</Txt>` */
import type { ReactNode } from 'react';
import { StyleSheet, Text, type StyleProp, type TextStyle } from 'react-native';
import { color, font } from '../theme/tokens';
import { usePageHeading } from './page-heading';

export type TxtKind = keyof typeof kinds;

interface Props {
  readonly kind?: TxtKind;
  readonly tone?: keyof typeof tones;
  readonly children: ReactNode;
  readonly style?: StyleProp<TextStyle>;
  /** Announced when it changes. */
  readonly live?: boolean;
  readonly lines?: number;
  /** Room for so many lines, though it says less: what it will say is still being worked out, and nothing below is to move then. */
  readonly room?: number;
}

export function Txt({ kind = 'body', tone = 'ink', children, style, live, lines, room }: Props) {
  const level = levels[kind];
  const ref = usePageHeading(level === 1);
  return (
    <Text
      ref={ref}
      style={[
        kinds[kind],
        tones[tone],
        room !== undefined && { minHeight: room * lineHeights[kind] },
        style,
      ]}
      {...(level && { role: 'heading' as const, 'aria-level': level })}
      {...(level === 1 && { tabIndex: -1 as const })}
      {...(live && { 'aria-live': 'polite' as const })}
      {...(lines !== undefined && { numberOfLines: lines })}
    >
      {children}
    </Text>
  );
}

const levels: Partial<Record<string, number>> = { title: 1, heading: 2, sub: 3 };

/** px */
const lineHeights = {
  inherit: 0,
  title: 42,
  heading: 30,
  sub: 23,
  strong: 23,
  body: 24,
  small: 21,
  figure: 34,
  reading: 52,
  label: 22,
} as const;

const kinds = StyleSheet.create({
  /** Inside another text: its face, another tone. */
  inherit: {},
  title: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 38,
    lineHeight: lineHeights.title,
  },
  heading: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 25,
    lineHeight: lineHeights.heading,
  },
  sub: { fontFamily: font.text, fontWeight: '700', fontSize: 17, lineHeight: lineHeights.sub },
  strong: {
    fontFamily: font.text,
    fontWeight: '700',
    fontSize: 17,
    lineHeight: lineHeights.strong,
  },
  body: { fontFamily: font.text, fontWeight: '400', fontSize: 17, lineHeight: lineHeights.body },
  small: { fontFamily: font.text, fontWeight: '400', fontSize: 15, lineHeight: lineHeights.small },
  figure: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 30,
    lineHeight: lineHeights.figure,
    fontVariant: ['tabular-nums'],
  },
  reading: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 46,
    lineHeight: lineHeights.reading,
    fontVariant: ['tabular-nums'],
  },
  label: {
    fontFamily: font.narrow,
    fontWeight: '600',
    fontSize: 17,
    lineHeight: lineHeights.label,
  },
});

const tones = StyleSheet.create({
  ink: { color: color.ink },
  ink2: { color: color.ink2 },
  ink3: { color: color.ink3 },
  open: { color: color.openText },
  hours: { color: color.hoursText },
  holds: { color: color.holds },
  onHolds: { color: color.onHolds },
  onChosen: { color: color.onChosen },
  onBar: { color: color.onBar },
  onBar2: { color: color.onBar2 },
});
