/** Mends by where they stand: to do, to measure, holding; on a wide screen along the lap, each with how far it is. */
import { mendsText } from '@/words/screens/mends';
import type { Href } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { plannedOf } from '@/core/mends/shopping/planned-of';
import { firstShop, unitPricesOf } from '@/core/mends/shopping/shop';
import { lapOf } from '@/core/place/lap';
import type { Mend, MendState } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { ageingOf, isDue } from '@/core/rounds/ageing';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { useToday } from '@/store/use-today';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { useWide } from '@/ui/theme/use-wide';
import { dueWords } from '@/words/day-words';
import { wayTitle } from '@/words/headline';
import { mendName, mendStateWords } from '@/words/mend-words';
import { isFiltered, isThoughtOf, noFilters, shows, type ListedMend } from './filters';
import { FiltersPart } from './FiltersPart';
import { HalfDoneList } from './HalfDoneList';
import { JobsPart } from './JobsPart';
import { MendTable } from './MendTable';
import { sortedBy, type MendOrder } from './sorted';

interface Group {
  readonly name: string;
  readonly states: readonly MendState[];
  /** Those of the keeper's own that are only thought of, or all others. */
  readonly own?: boolean;
  /** Absent: along the lap. */
  readonly order?: MendOrder;
}

const groups: readonly Group[] = [
  { name: mendsText.openAgain, states: ['open'], own: false },
  { name: mendsText.doneMeasureAgain, states: ['done'] },
  { name: mendsText.toDo, states: ['planned', 'bought'], order: 'planned' },
  { name: mendsText.holding, states: ['held'] },
  { name: mendsText.ofYourOwn, states: ['open'], own: true },
];

export function MendsScreen({ yard }: { readonly yard: Yard }) {
  const wide = useWide();
  const today = useToday();
  const judgement = useJudgement(yard);
  const { waysIn, slowWays, found } = judgement;
  const { mends } = yard;
  const [filters, setFilters] = useState(noFilters);
  const all = useMemo(() => listed(yard, found.place), [yard, found.place]);
  const shown = all.filter((it) => shows(filters, it));
  const todo = mends.filter((mend) => mend.state !== 'held' && !isThoughtOf(mend)).length;
  const looksDue = useMemo(
    () =>
      ageingOf(found.place, found.provenance, mends, today).filter((it) => isDue(it, today)).length,
    [found, mends, today],
  );
  const toBuy = mends.filter(({ state }) => state === 'planned').length;
  const pages: readonly PageLink[] = [
    {
      href: '/mends/plan',
      says: mendsText.thePlanWhatToMend,
      name: mendsText.whatToMendFirst,
      tone: 'holds',
      words: mendsText.thePlanForYourMoney,
    },
    {
      href: '/mends/shopping',
      says: mendsText.theShoppingList,
      name: mendsText.shoppingAndCutting,
      tone: 'holds',
      words: toBuy === 0 ? mendsText.nothingToBuy : mendsText.theListFor(toBuy),
    },
    {
      href: '/mends/due',
      says: mendsText.whatFallsDueForA,
      name: mendsText.whatGrowsOld,
      tone: looksDue > 0 ? 'hours' : 'holds',
      words: looksDue === 0 ? mendsText.nothingDueForALook : mendsText.due(looksDue),
    },
    {
      href: '/records',
      says: mendsText.recordsWalksMendsAndSightings,
      name: mendsText.records,
      tone: 'holds',
      words: mendsText.allInOrderAReport,
    },
  ];
  // On a phone the mends come before what is seldom wanted.
  const [first, last] = wide || looksDue > 0 ? [pages, []] : [pages.slice(0, 2), pages.slice(2)];
  const uncovered = [...waysIn, ...slowWays].filter(
    (way) =>
      !mends.some((mend) =>
        way.by.some(({ route }) => route.steps.some(({ bay }) => bay.id === mend.bay)),
      ),
  );
  return (
    <Screen full={wide}>
      <View style={styles.head}>
        <Txt kind="title">{todo === 0 ? mendsText.noMendInHand : mendsText.inHand(todo)}</Txt>
        <Txt tone="ink2">{mendsText.aMendCountsAsHolding}</Txt>
        <UndoBar placeId={yard.place.id} />
      </View>
      <HalfDoneList yard={yard} judgement={judgement} />
      <Pages pages={first} />
      {mends.length > 2 && (
        <FiltersPart place={found.place} all={all} filters={filters} onChange={setFilters} />
      )}
      {isFiltered(filters) && shown.length === 0 && (
        <View style={styles.head}>
          <Txt>{mendsText.noneOfTheIsLike(all.length)}</Txt>
        </View>
      )}
      {wide ? (
        <MendTable place={found.place} listed={shown} today={today} />
      ) : (
        groups.map(({ name, states, own, order = 'lap' }) => (
          <MendGroup
            key={name}
            name={name}
            place={found.place}
            today={today}
            mends={sortedBy(shown, order)
              .map(({ mend }) => mend)
              .filter(
                (mend) =>
                  states.includes(mend.state) && (own === undefined || own === isThoughtOf(mend)),
              )}
          />
        ))
      )}
      {uncovered.length > 0 && (
        <View style={styles.group}>
          <Txt kind="heading" style={styles.heading}>
            {mendsText.waysInWithoutAMend}
          </Txt>
          {uncovered.map((way) => (
            <LinkRow
              key={way.id}
              href={{ pathname: '/way/[id]', params: { id: way.id } }}
              says={mendsText.mend(found.place, way)}
            >
              <Txt kind="strong">{wayTitle(found.place, way)}</Txt>
              <Txt tone="holds">{mendsText.chooseAMend}</Txt>
            </LinkRow>
          ))}
        </View>
      )}
      <JobsPart yard={yard} place={found.place} />
      <View style={styles.apart}>
        <Pages pages={last} />
      </View>
    </Screen>
  );
}

interface PageLink {
  readonly href: Href;
  /** Read out. */
  readonly says: string;
  readonly name: string;
  readonly tone: 'holds' | 'hours';
  readonly words: string;
}

/** Beside each other where there is room. */
function Pages({ pages }: { readonly pages: readonly PageLink[] }) {
  const wide = useWide();
  if (pages.length === 0) return null;
  return (
    <View style={[styles.group, wide && styles.links]}>
      {pages.map(({ href, says, name, tone, words }) => (
        <View key={says} style={wide && styles.link}>
          <LinkRow href={href} says={says}>
            <Txt kind="strong">{name}</Txt>
            <Txt tone={tone}>{words}</Txt>
          </LinkRow>
        </View>
      ))}
    </View>
  );
}

/** Along the lap; of the same bay in the order in which they were planned. */
function listed({ place, mends, shop = firstShop(place) }: Yard, found: Place): ListedMend[] {
  const lap = lapOf(found).bays;
  const unitPrices = unitPricesOf(place, shop);
  return mends
    .map((mend): ListedMend => {
      const at = lap.findIndex(({ bay }) => bay.id === mend.bay);
      return {
        mend,
        at: at < 0 ? lap.length : at,
        side: lap[at]?.sideName ?? mendsText.notOnTheLap,
        planned: plannedOf(found, mend, unitPrices),
      };
    })
    .sort((a, b) => a.at - b.at);
}

interface GroupProps {
  readonly name: string;
  readonly place: Place;
  readonly today: string;
  readonly mends: readonly Mend[];
}

function MendGroup({ name, place, today, mends }: GroupProps) {
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
          <Txt tone="ink2">{mendsText.inListOf(place, mend, mendStateWords[mend.state])}</Txt>
          {mend.due !== undefined && mend.state !== 'held' && (
            <Txt kind="small" tone={mend.due < today ? 'open' : 'ink2'}>
              {dueWords(mend.due, today)}
            </Txt>
          )}
        </LinkRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  group: { backgroundColor: color.paper },
  links: { flexDirection: 'row' },
  // What follows is no mend.
  apart: { paddingTop: space.l },
  link: { flex: 1, minWidth: 0 },
  heading: { paddingHorizontal: space.l, paddingTop: space.l, paddingBottom: space.s },
});
