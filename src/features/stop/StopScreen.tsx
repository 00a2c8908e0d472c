/** The stop as last found, drawn, and a row for each reading; one big button affirms what is left and goes on. */
import { useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { attributes } from '@/core/attributes';
import type { FoundPlace } from '@/core/records/apply-readings';
import type { Place } from '@/core/place/place';
import type { PutOff, ReadingValue } from '@/core/records/walk';
import type { Judgement } from '@/core/score/judge';
import { isGauge } from '@/core/walk/quick-answer';
import type { StopRow, StopRows } from '@/core/walk/stop-rows';
import type { Stop } from '@/core/walk/stops';
import { useKeys } from '@/features/frame/use-keys';
import { StripFocus } from '@/features/walk/StripFocus';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { capital } from '@/words/names';
import { stopText } from '@/words/screens/stop';
import { sectionCaution } from '@/words/walk-words';
import { MadeOf } from './MadeOf';
import { RowOfStop } from './RowOfStop';

interface Props {
  readonly place: Place;
  readonly judgement: Judgement;
  readonly stop: Stop;
  readonly rows: StopRows;
  readonly provenance: FoundPlace['provenance'];
  readonly progress: string;
  readonly note: string;
  readonly bar: ReactNode;
  readonly found: ReactNode;
  readonly trouble: string | undefined;
  readonly busy: boolean;
  /** What one tap says of a row that nobody has read. */
  readonly quick: (row: StopRow) => ReadingValue | undefined;
  /** So many are affirmed by the big button; those have to be touched. */
  readonly affirm: number;
  readonly untouched: readonly StopRow[];
  readonly nextName: string;
  readonly isFirstTime: boolean;
  readonly onRead: (row: StopRow) => void;
  readonly onTick: (row: StopRow) => void;
  readonly onTickAll: (rows: readonly StopRow[]) => void;
  readonly onQuick: (rows: readonly StopRow[]) => void;
  readonly alike:
    { readonly name: string; readonly many: number; readonly take: () => void } | undefined;
  readonly onNext: () => void;
  readonly onBack: () => void;
  readonly onLeave: () => void;
  readonly onUndo: (() => void) | undefined;
  readonly onPutOff: ((to: PutOff['to']) => void) | undefined;
  readonly onOneByOne: () => void;
}

/** px */
const phoneDrawing = 180;
const wideDrawing = 440;

export function StopScreen(props: Props) {
  const { place, judgement, stop, rows, busy, quick, untouched, affirm, nextName } = props;
  const wide = useWide();
  const [showFolded, setShowFolded] = useState(false);
  const shown = useMemo(
    () => [...rows.rows, ...(showFolded ? rows.folded : [])],
    [rows, showFolded],
  );
  const marked = untouched[0] ?? shown[0];
  const unread = untouched.filter(({ state }) => state === 'unread');
  const gauged = unread.filter((row) => isGauge(quick(row)));
  const checks = unread.filter(
    (row) => quick(row) !== undefined && !attributes[row.question.attribute].isJudged,
  );
  const { onNext, onBack, onLeave, onRead } = props;
  const keys = useMemo(
    () => ({
      Enter: onNext,
      PageDown: onNext,
      PageUp: onBack,
      Escape: onLeave,
      ...Object.fromEntries(
        shown.slice(0, 9).map((row, at) => [String(at + 1), () => onRead(row)]),
      ),
    }),
    [onNext, onBack, onLeave, onRead, shown],
  );
  useKeys(keys);
  const caution = sectionCaution(stop.section, place);
  const title = props.isFirstTime
    ? stopText.whatIsHere
    : untouched.length + affirm === 0
      ? stopText.allRead
      : stopText.whatHasChanged;
  const widest = gauged.map((row) => quick(row)).find(isGauge);
  const drawing = marked && (
    <StripFocus
      place={place}
      judgement={judgement}
      question={marked.question}
      height={wide ? wideDrawing : phoneDrawing}
    />
  );
  return (
    <View style={styles.all}>
      <View style={styles.top}>
        <Txt kind="small" tone="ink2" lines={1} style={styles.grow}>
          {props.progress} ·{' '}
          <Txt kind="inherit" style={styles.bold}>
            {stopText.stopName(place, stop)}
          </Txt>
        </Txt>
        <Txt kind="small" tone="ink2" live>
          {props.note}
        </Txt>
      </View>
      {props.bar}
      <View style={wide ? styles.beside : styles.grow}>
        {wide ? <View style={styles.drawn}>{drawing}</View> : drawing}
        <ScrollView style={styles.grow} contentContainerStyle={styles.body}>
          <View style={styles.head}>
            <Txt kind="title" style={styles.title}>
              {title}
            </Txt>
            {props.found}
            {caution && (
              <Txt kind="small" tone="hours">
                {caution}
              </Txt>
            )}
            {props.trouble && <Notice>{props.trouble}</Notice>}
            {props.alike && (
              <Button
                look="plain"
                label={stopText.asTheBayBefore(props.alike.name, props.alike.many)}
                disabled={busy}
                onPress={props.alike.take}
              />
            )}
            {gauged.length > 1 && widest && (
              <Button
                look="plain"
                label={stopText.tight(place, widest.to, gauged.length)}
                disabled={busy}
                onPress={() => props.onQuick(gauged)}
              />
            )}
            {checks.length > 1 && (
              <Button
                look="plain"
                label={stopText.allWell(checks.length)}
                disabled={busy}
                onPress={() => props.onQuick(checks)}
              />
            )}
          </View>
          <View role="list">
            {shown.map((row, at) => (
              <RowOfStop
                key={row.question.id}
                place={place}
                row={row}
                number={wide && at < 9 ? at + 1 : undefined}
                quick={quick(row)}
                busy={busy}
                onRead={() => onRead(row)}
                onTick={() => props.onTick(row)}
                onQuick={() => props.onQuick([row])}
              />
            ))}
            {rows.madeOf.length > 0 && (
              <MadeOf
                place={place}
                rows={rows.madeOf}
                provenance={props.provenance}
                busy={busy}
                onRead={onRead}
                onTickAll={props.onTickAll}
              />
            )}
          </View>
          {rows.folded.length > 0 && (
            <View style={styles.folded}>
              <Txt tone="ink2" style={styles.grow}>
                {stopText.wouldChangeNothing(rows.folded.length)}
              </Txt>
              <Button
                look="key"
                label={showFolded ? stopText.hideThem : stopText.showThem}
                onPress={() => setShowFolded(!showFolded)}
              />
            </View>
          )}
          <View style={styles.head}>
            {props.onUndo && (
              <Button look="plain" label={stopText.undo} disabled={busy} onPress={props.onUndo} />
            )}
            <Button look="plain" label={stopText.oneAtATime} onPress={props.onOneByOne} />
            {props.onPutOff && (
              <View style={styles.row}>
                <Button
                  look="plain"
                  label={stopText.putOffLater}
                  disabled={busy}
                  onPress={() => props.onPutOff?.('later')}
                  style={styles.half}
                />
                <Button
                  look="plain"
                  label={stopText.putOffDay}
                  disabled={busy}
                  onPress={() => props.onPutOff?.('another-day')}
                  style={styles.half}
                />
              </View>
            )}
            {wide && (
              <Txt kind="small" tone="ink2">
                {stopText.keys}
              </Txt>
            )}
          </View>
        </ScrollView>
      </View>
      <View style={styles.foot}>
        <Button
          look="plain"
          label={stopText.back}
          disabled={busy}
          onPress={onBack}
          style={styles.back}
        />
        <Button
          look="plain"
          label={stopText.leave}
          disabled={busy}
          onPress={onLeave}
          style={styles.back}
        />
        <Button
          label={capital(onwardWords(affirm, untouched.length, nextName))}
          disabled={busy}
          onPress={onNext}
          style={styles.next}
        />
      </View>
    </View>
  );
}

/** What the big button does with what has not been touched. */
function onwardWords(affirm: number, left: number, next: string): string {
  if (affirm > 0 && left > 0) return stopText.affirmAndLeave(affirm, left, next);
  if (affirm > 0) return stopText.affirmThen(affirm, next);
  return left > 0 ? stopText.nextLeaving(left, next) : stopText.next(next);
}

const styles = StyleSheet.create({
  all: { flex: 1, backgroundColor: color.field },
  top: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    minHeight: 40,
  },
  grow: { flex: 1, minWidth: 0, minHeight: 0 },
  bold: { fontWeight: '700' },
  beside: { flex: 1, flexDirection: 'row', minHeight: 0 },
  drawn: { flex: 1, justifyContent: 'center', backgroundColor: color.ground },
  body: { paddingVertical: space.s },
  head: { paddingHorizontal: space.l, paddingVertical: space.s, gap: space.s },
  title: { fontSize: 26, lineHeight: 30 },
  folded: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  row: { flexDirection: 'row', gap: space.s },
  half: { flex: 1 },
  foot: {
    flexDirection: 'row',
    padding: space.m,
    gap: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  back: { minWidth: 62, paddingHorizontal: space.s },
  next: { flex: 1, minHeight: 58 },
});
