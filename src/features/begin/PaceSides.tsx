/** Pacing: so far, turn, so far, turn; the plan follows as it is typed, and says whether it closes. */
import { beginText } from '@/words/screens/begin';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { checkPacing, isPacing } from '@/core/place/pacing';
import type { Units } from '@/core/place/place';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { color, railWidth, readableWidth, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { pacingProblemWords, pacingWords } from '@/words/pacing-words';
import { Choice } from '@/ui/controls/Choice';
import { Field } from '@/ui/controls/Field';
import { oneMoreSide, readSides, turned, type SideText } from './pacing-form';
import { PacedPlan } from './PacedPlan';

interface Props {
  readonly sides: readonly SideText[];
  readonly units: Units;
  readonly onChange: (sides: readonly SideText[]) => void;
}

/** More corners than any run has. */
const mostSides = 24;

export function PaceSides({ sides, units, onChange }: Props) {
  const window = useWindowDimensions().width - (useWide() ? railWidth : 0);
  const width = Math.min(window, readableWidth) - 2 * space.l;
  const read = readSides(sides, units);
  const change = (at: number, side: SideText) =>
    onChange(sides.map((it, index) => (index === at ? side : it)));
  return (
    <View style={styles.pace}>
      <Txt tone="ink2">{beginText.beginAtTheGateAnd}</Txt>
      <View style={styles.plan}>
        {'sides' in read && <PacedPlan sides={read.sides} width={width} />}
      </View>
      <Closing read={read} units={units} sides={sides} onChange={onChange} />
      {sides.map((side, index) => (
        <View key={index} style={styles.side}>
          <Field
            label={beginText.lengthOfSide(index + 1)}
            value={side.length}
            onChange={(length) => change(index, { ...side, length })}
          />
          <Choice
            label={beginText.thenTurnAfterSide(index + 1)}
            options={[
              ['right', 'right'],
              ['left', 'left'],
              ['other', beginText.byDegrees],
            ]}
            value={side.turn}
            onChange={(turn) => change(index, { ...side, turn })}
          />
          {side.turn === 'other' && (
            <Field
              label={beginText.degreesToTheRightAfter(index + 1)}
              value={side.angle}
              onChange={(angle) => change(index, { ...side, angle })}
            />
          )}
        </View>
      ))}
      <View style={styles.buttons}>
        <Button
          look="key"
          label={beginText.oneMoreSide}
          disabled={sides.length >= mostSides}
          onPress={() => onChange([...sides, oneMoreSide(units)])}
          style={styles.half}
        />
        <Button
          look="key"
          label={beginText.takeTheLastAway}
          disabled={sides.length <= 3}
          onPress={() => onChange(sides.slice(0, -1))}
          style={styles.half}
        />
      </View>
    </View>
  );
}

/** Whether it closes; where one turn most likely slipped, one tap sets it. */
function Closing({
  read,
  units,
  sides,
  onChange,
}: Props & { readonly read: ReturnType<typeof readSides> }) {
  if ('sentence' in read) {
    return (
      <Txt tone="open" live>
        {read.sentence}
      </Txt>
    );
  }
  const pacing = checkPacing(read.sides);
  if (isPacing(pacing)) {
    return (
      <Txt tone="holds" live>
        {pacingWords(pacing, units)}
      </Txt>
    );
  }
  const likely = 'likely' in pacing ? pacing.likely : undefined;
  return (
    <>
      <Txt tone="open" live>
        {pacingProblemWords(pacing, units)}
      </Txt>
      {likely && (
        <Button
          look="plain"
          label={beginText.yesAfterSide(likely.turn, likely.side + 1)}
          onPress={() =>
            onChange(
              sides.map((it, index) => (index === likely.side ? turned(it, likely.turn) : it)),
            )
          }
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({
  pace: { gap: space.m },
  plan: { minHeight: 240, backgroundColor: color.ground },
  side: {
    gap: space.s,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  buttons: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
