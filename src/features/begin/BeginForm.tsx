/** Beginning a place: on a phone one thing a step under the drawing that grows; on a wide screen all of it beside the drawing. */
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import { newId } from '@/store/ids';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { BarePlan } from '@/ui/drawings/BarePlan';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { beginText } from '@/words/screens/begin';
import type { BeginDraft } from './begin-draft';
import { InsidePart, NamePart, ShapePart, WherePart } from './BeginParts';
import { nameOf, placeOf, unsaidOf } from './drafted';
import { useBeginDraft } from './use-begin-draft';

const steps = ['shape', 'inside', 'where', 'name'] as const;
type Step = (typeof steps)[number];

const parts = { shape: ShapePart, inside: InsidePart, where: WherePart, name: NamePart } as const;

interface Props {
  readonly first: BeginDraft;
  readonly head: ReactNode;
  /** Other ways to a place: on a phone under the first step. */
  readonly others: ReactNode;
  readonly onBegin: (place: Place) => void;
}

/** While it is drawn it has none of its own yet. */
const drawnId = 'drawn';

export function BeginForm({ first, head, others, onBegin }: Props) {
  const { draft, set, undo } = useBeginDraft(first);
  const [step, setStep] = useState<Step>('shape');
  const [trouble, setTrouble] = useState<{ readonly at: Step; readonly says: string }>();
  const wide = useWide();
  const page = usePageWidth('full');
  // Its name is said last, and draws nothing.
  const drawn = placeOf({ ...draft, name: drawnId }, drawnId);
  const press = () => {
    const at = steps.find((it) => troubleOf(it, draft) !== undefined);
    const place = placeOf(draft, newId('place'));
    if (at) {
      setTrouble({ at, says: troubleOf(at, draft) ?? '' });
      if (!wide) setStep(at);
    } else if (!('sentence' in place)) onBegin(place);
  };
  const change = (said: Partial<BeginDraft>) => {
    setTrouble(undefined);
    set(said);
  };
  // On a phone the shape is all of its step: chosen, it goes on.
  const shapeChosen = (said: Partial<BeginDraft>) => {
    change(said);
    if (!wide) setStep('inside');
  };
  const go = (by: 1 | -1) => {
    const says = by === 1 ? troubleOf(step, draft) : undefined;
    setTrouble(says === undefined ? undefined : { at: step, says });
    if (says === undefined) setStep(steps[steps.indexOf(step) + by] ?? step);
  };
  const partOf = (it: Step) => {
    const Part = parts[it];
    return (
      <View key={it} style={styles.part}>
        <Part draft={draft} set={it === 'shape' ? shapeChosen : change} />
        {trouble?.at === it && <Notice>{trouble.says}</Notice>}
      </View>
    );
  };
  const begin = <Button label={beginText.begin} onPress={press} />;
  const takeBack = undo && (
    <Button look="key" label={beginText.takeBack} onPress={undo} style={styles.half} />
  );
  if (wide) {
    return (
      <Columns
        names={[beginText.beginAPlace, beginText.asItWouldBe]}
        head={<View style={styles.page}>{head}</View>}
        left={
          <View style={styles.page}>
            {steps.map(partOf)}
            {begin}
            {takeBack}
          </View>
        }
        right={
          <>
            {!('sentence' in drawn) && (
              <BarePlan place={drawn} width={page / 2} tallest={tallestWide} />
            )}
            {others}
          </>
        }
      />
    );
  }
  const number = steps.indexOf(step);
  return (
    <Screen key={step}>
      <View style={styles.page}>
        {step === 'shape' ? (
          head
        ) : (
          <>
            <Txt kind="title">{beginText.beginAPlace}</Txt>
            <Txt tone="ink2">{beginText.step(number + 1, steps.length)}</Txt>
          </>
        )}
      </View>
      {step !== 'shape' && !('sentence' in drawn) && (
        <BarePlan place={drawn} width={page} tallest={tallestNarrow} />
      )}
      <View style={styles.page}>
        {partOf(step)}
        {step === 'name' && begin}
        {(step === 'inside' || step === 'where') && (
          <Button label={beginText.next} onPress={() => go(1)} />
        )}
        <View style={styles.row}>
          {number > 0 && (
            <Button look="key" label={beginText.back} onPress={() => go(-1)} style={styles.half} />
          )}
          {takeBack}
        </View>
      </View>
      {step === 'shape' && others}
    </Screen>
  );
}

const tallestWide = 520;
const tallestNarrow = 220;

/** What is missing or wrong in one part, in a sentence. */
function troubleOf(step: Step, draft: BeginDraft): string | undefined {
  if (step === 'where') return unsaidOf(draft);
  if (step === 'shape') return undefined;
  // A name that cannot be is no trouble of the sizes.
  const named = step === 'name' ? { ...draft, name: nameOf(draft) } : { ...draft, name: drawnId };
  const place = placeOf(named, drawnId);
  return 'sentence' in place ? place.sentence : undefined;
}

const styles = StyleSheet.create({
  page: { padding: space.l, gap: space.m },
  part: { gap: space.m },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
});
