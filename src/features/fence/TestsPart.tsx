/** The tests so far with their times, and which bays are likeliest. */
import { StyleSheet, View } from 'react-native';
import type { LeakTestResult } from '@/core/fence/find-leak';
import type { LinePath } from '@/core/fence/line-path';
import type { SearchOnRecord } from '@/core/walk/search-on-record';
import type { FenceTest } from '@/core/records/fence-test';
import type { Place } from '@/core/place/place';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { timeWords } from '@/words/day-words';
import { isEnd } from '@/core/walk/search-on-record';
import { bayName } from '@/words/fence-words';
import { fenceText } from '@/words/screens/fence';

interface Props {
  readonly place: Place;
  readonly path: LinePath;
  readonly record: SearchOnRecord | undefined;
  readonly practised: readonly LeakTestResult[] | undefined;
  readonly likely: readonly number[];
}

/** Bays shown, and the least chance worth a line. */
const few = 3;
const least = 0.02;

export function TestsPart({ place, path, record, practised, likely }: Props) {
  const name = (index: number) => bayName(place, path.bays[index]?.bay.id ?? '');
  const likeliest = likely
    .map((share, index) => ({ share, index }))
    .filter(({ share }) => share >= least)
    .sort((a, b) => b.share - a.share)
    .slice(0, few);
  const rows = practised?.map(practisedWords) ?? record?.tests.map(testOf) ?? [];
  return (
    <>
      <Part title={fenceText.likeliest}>
        {likeliest.map(({ share, index }) => (
          <Txt key={index}>{fenceText.sure(name(index), share)}</Txt>
        ))}
      </Part>
      <Part title={fenceText.tests}>
        {rows.length === 0 && <Txt tone="ink2">{fenceText.noTests}</Txt>}
        <View style={styles.rows}>
          {rows.map((words, index) => (
            <Txt key={index}>{words}</Txt>
          ))}
        </View>
      </Part>
    </>
  );
  function practisedWords({ test, volts }: LeakTestResult): string {
    return test.kind === 'read'
      ? fenceText.readAt(name(test.at), volts)
      : fenceText.openedAt(name(test.into), volts);
  }
  function testOf({ at, made }: FenceTest): string {
    const time = timeWords(new Date(at));
    if (isEnd(made)) return bayName(place, made.bay);
    if (made.by === 'clear') return fenceText.lookedAt(bayName(place, made.bay), time);
    return made.by === 'read'
      ? fenceText.readAt(bayName(place, made.bay), made.volts, time)
      : fenceText.openedAt(bayName(place, made.before), made.volts, time);
  }
}

const styles = StyleSheet.create({ rows: { gap: space.xs } });
