/** What feeds the line, and what stands on its plate. */
import { StyleSheet, View } from 'react-native';
import type { Energizer } from '@/core/place/fence';
import { batteryKinds, feeds } from '@/core/tables/energizers';
import { NumberField } from '@/features/edit/NumberField';
import type { Edit } from '@/features/edit/use-edit';
import { Choice } from '@/ui/controls/Choice';
import { Part } from '@/ui/controls/Part';
import { space } from '@/ui/theme/tokens';
import { batteryNames, feedNames, fenceText } from '@/words/screens/fence';
import type { ChangeLine } from './change-line';

interface Props {
  readonly energizer: Energizer;
  readonly edit: Edit;
  readonly onChange: ChangeLine;
}

/** A small car battery, the usual one: set right by whoever reads its label, Ah. */
const usualCharge = 60;

export function EnergizerPart({ energizer, edit, onChange }: Props) {
  const { feed, open, loaded, joules, draws, battery, panel } = energizer;
  const set = async (said: Said | ((now: Energizer) => Said)) => {
    let isPossible = true;
    await onChange((line) => {
      const next = withSaid(
        line.energizer,
        typeof said === 'function' ? said(line.energizer) : said,
      );
      // What stands on a plate can be told one after the other; together it has to be possible.
      isPossible = notBoth(next.open, next.loaded) === undefined;
      return isPossible ? { energizer: next } : undefined;
    });
    if (!isPossible) edit.setTrouble(fenceText.moreOpenThanLoaded);
  };
  return (
    <Part title={fenceText.energizer}>
      <Choice
        label={fenceText.whatFeedsIt}
        options={feeds.map((it) => [it, feedNames[it]] as const)}
        value={feed}
        onChange={(it) => void set({ feed: it })}
      />
      <View style={styles.row}>
        <View style={styles.half}>
          <NumberField
            label={fenceText.open}
            value={open}
            least={0.1}
            most={15}
            refuse={(it) => notBoth(it, loaded)}
            onChange={(it) => void set({ open: it })}
          />
        </View>
        <View style={styles.half}>
          <NumberField
            label={fenceText.loaded}
            value={loaded}
            least={0.1}
            most={15}
            refuse={(it) => notBoth(open, it)}
            onChange={(it) => void set({ loaded: it })}
          />
        </View>
      </View>
      <View style={styles.row}>
        <View style={styles.half}>
          <NumberField
            label={fenceText.joules}
            value={joules}
            least={0.01}
            most={20}
            onChange={(it) => void set({ joules: it })}
          />
        </View>
        {feed !== 'mains' && (
          <View style={styles.half}>
            <NumberField
              label={fenceText.draws}
              value={draws}
              least={0}
              most={5000}
              onChange={(it) => void set({ draws: it })}
            />
          </View>
        )}
      </View>
      {(feed === 'battery-12' || feed === 'solar') && (
        <>
          <Choice
            label={fenceText.batteryKind}
            options={batteryKinds.map((it) => [it, batteryNames[it]] as const)}
            value={battery?.kind}
            onChange={(kind) =>
              void set((now) => ({
                battery: { kind, charge: now.battery?.charge ?? usualCharge },
              }))
            }
          />
          {battery && (
            <NumberField
              label={fenceText.ampHours}
              value={battery.charge}
              least={0.1}
              most={1000}
              onChange={(charge) =>
                charge !== undefined &&
                void set((now) => ({ battery: { ...(now.battery ?? battery), charge } }))
              }
            />
          )}
        </>
      )}
      {feed === 'solar' && (
        <NumberField
          label={fenceText.panel}
          value={panel}
          least={0.1}
          most={1000}
          onChange={(it) => void set({ panel: it })}
        />
      )}
    </Part>
  );
}

/** A line that is loaded never shows more than one that is not. */
const notBoth = (open: number | undefined, loaded: number | undefined): string | undefined =>
  open === undefined || loaded === undefined || loaded < open
    ? undefined
    : fenceText.moreOpenThanLoaded;

type Said = { readonly [K in keyof Energizer]?: Energizer[K] | undefined };

/** A field that was emptied is left out. */
function withSaid(energizer: Energizer, changed: Said): Energizer {
  const all = Object.entries({ ...energizer, ...changed });
  return {
    ...(Object.fromEntries(all.filter(([, value]) => value !== undefined)) as Partial<Energizer>),
    feed: changed.feed ?? energizer.feed,
  };
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.s, alignItems: 'flex-end' },
  half: { flex: 1, minWidth: 0 },
});
