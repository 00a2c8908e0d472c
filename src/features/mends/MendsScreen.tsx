/** Mends by where they stand: to do, to measure, holding. */
import { StyleSheet, View } from 'react-native';
import { findBay } from '@/core/place/find';
import type { Mend, MendState } from '@/core/place/mend';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { wayTitle } from '@/words/headline';
import { mendName, mendStateWords } from '@/words/mend-words';
import { animalList, capital, count } from '@/words/names';

interface Group {
  readonly name: string;
  readonly states: readonly MendState[];
  /** Those of the keeper's own that are only thought of, or all others. */
  readonly own?: boolean;
}

const groups: readonly Group[] = [
  { name: 'Open again', states: ['open'], own: false },
  { name: 'Done: measure again', states: ['done'] },
  { name: 'To do', states: ['planned', 'bought'] },
  { name: 'Holding', states: ['held'] },
  { name: 'Of your own, not planned', states: ['open'], own: true },
];

export function MendsScreen({ yard }: { readonly yard: Yard }) {
  const { waysIn, slowWays, found } = useJudgement(yard);
  const { mends } = yard;
  const todo = mends.filter((mend) => mend.state !== 'held' && !isThoughtOf(mend)).length;
  const uncovered = [...waysIn, ...slowWays].filter(
    (way) =>
      !mends.some((mend) =>
        way.by.some(({ route }) => route.steps.some(({ bay }) => bay.id === mend.bay)),
      ),
  );
  return (
    <Screen>
      <View style={styles.head}>
        <Txt kind="title">{todo === 0 ? 'No mend in hand' : `${count(todo, 'mend')} in hand`}</Txt>
        <Txt tone="ink2">A mend counts as holding only when a new reading shows it.</Txt>
      </View>
      <View style={styles.group}>
        <LinkRow href="/mends/plan" says="The plan: what to mend first">
          <Txt kind="strong">What to mend first</Txt>
          <Txt tone="holds">The plan for your money and hours</Txt>
        </LinkRow>
      </View>
      {groups.map(({ name, states, own }) => (
        <MendGroup
          key={name}
          name={name}
          yard={yard}
          mends={mends.filter(
            (mend) =>
              states.includes(mend.state) && (own === undefined || own === isThoughtOf(mend)),
          )}
        />
      ))}
      {uncovered.length > 0 && (
        <View style={styles.group}>
          <Txt kind="heading" style={styles.heading}>
            Ways in without a mend
          </Txt>
          {uncovered.map((way) => (
            <LinkRow
              key={way.id}
              href={{ pathname: '/way/[id]', params: { id: way.id } }}
              says={`Mend: ${wayTitle(found.place, way)}`}
            >
              <Txt kind="strong">{wayTitle(found.place, way)}</Txt>
              <Txt tone="holds">Choose a mend</Txt>
            </LinkRow>
          ))}
        </View>
      )}
    </Screen>
  );
}

/** Added by the keeper, and never taken on to the list. */
function isThoughtOf({ kind, history }: Mend): boolean {
  return kind === 'own' && history.every(({ state }) => state === 'open');
}

function MendGroup({ name, yard, mends }: { name: string; yard: Yard; mends: readonly Mend[] }) {
  if (mends.length === 0) return null;
  return (
    <View style={styles.group}>
      <Txt kind="heading" style={styles.heading}>
        {name}
      </Txt>
      {mends.map((mend) => (
        <LinkRow
          key={mend.id}
          href={{ pathname: '/mends/[id]', params: { id: mend.id } }}
          says={`${mendName(mend)}, ${mendStateWords[mend.state]}`}
        >
          <Txt kind="strong">{mendName(mend)}</Txt>
          <Txt tone="ink2">
            {capital(findBay(yard.place, mend.bay)?.bay.name ?? mend.bay)}, against{' '}
            {animalList(mend.stops)}. {capital(mendStateWords[mend.state])}.
          </Txt>
        </LinkRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  group: { backgroundColor: color.paper },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
});
