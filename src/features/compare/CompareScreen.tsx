/** Two states of the place on the same drawing, side by side: two walks, or now and with every mend in hand done. */
import { compareText } from '@/words/screens/compare';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { plannedWalk } from '@/core/mends/planned-walk';
import { inDateOrder } from '@/core/records/apply-readings';
import type { Walk } from '@/core/records/walk';
import { lapOf } from '@/core/place/lap';
import { judge, type Judgement } from '@/core/score/judge';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { lookParams, useLook, type Look } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { BackLink } from '@/ui/controls/BackLink';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Picker } from '@/ui/controls/Picker';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { usualZoom } from '@/ui/drawings/Lap';
import { useLapsTogether } from '@/ui/drawings/use-laps-together';
import { lineCode } from '@/ui/theme/line-code';
import { color, space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { useReckoning } from '@/workers/use-reckoning';
import { animalName, holdWords } from '@/words/headline';
import { levelShort } from '@/words/minutes-words';
import { lossSentence } from '@/words/loss-words';
import { capital } from '@/words/names';
import { scenarioNames } from '@/words/scenario-words';

/** `now`, `mended`, or the day of a walk. */
type State = string;

export function CompareScreen({ yard }: { readonly yard: Yard }) {
  const router = useRouter();
  const wide = useWide();
  const page = usePageWidth('full');
  const look = useLook();
  const { a, b } = useLocalSearchParams<{ a?: string; b?: string }>();
  const options = statesOf(yard);
  const known = (wanted: string | undefined, otherwise: State): State =>
    options.find(([state]) => state === wanted)?.[0] ?? otherwise;
  const walkDays = options.map(([state]) => state).filter((it) => it !== 'now' && it !== 'mended');
  const hasMends = options.some(([state]) => state === 'mended');
  const first = known(a, hasMends ? 'now' : (walkDays.at(-2) ?? walkDays[0] ?? 'now'));
  const second = known(b, hasMends ? 'mended' : 'now');
  const before = useMemo(() => judgedAs(yard, first, look), [yard, first, look]);
  const after = useMemo(() => judgedAs(yard, second, look), [yard, second, look]);
  const together = useLapsTogether(usualZoom, (before.waysIn[0] ?? after.waysIn[0])?.id);
  const choose = (which: 'a' | 'b') => (state: State) =>
    router.push({
      pathname: '/compare',
      params: { a: first, b: second, [which]: state, ...lookParams(look) },
    });
  const drawn = ({ found, marks, waysIn }: Judgement) => ({
    place: found.place,
    marks,
    ways: waysIn,
    selected: undefined,
    onSelect: (item: string) =>
      router.push({ pathname: '/item/[item]', params: { item, ...lookParams(look) } }),
    guess: wide ? page / 2 : page,
  });
  const side = (judgement: Judgement, state: State, which: 'a' | 'b') => (
    <View style={[styles.side, wide && which === 'a' && styles.first]}>
      <View style={styles.head}>
        <Picker
          label={which === 'a' ? compareText.onTheOneSide : compareText.onTheOtherSide}
          options={options}
          value={state}
          none=""
          onChange={choose(which)}
        />
        <Txt kind="heading">
          {compareText.waysIn(judgement.waysIn.length)}
          {judgement.slowWays.length > 0 && compareText.andSlowWays(judgement.slowWays.length)}
        </Txt>
        <Txt tone="ink2">{holdWords(judgement.hold)}.</Txt>
        <LossesOf yard={yard} state={state} look={look} birds={judgement.birds} />
      </View>
      <SitePlanSheet {...drawn(judgement)} whereabouts={judgement.whereabouts} tallest={330} />
      <LapSheet {...drawn(judgement)} day={look.day} whole={false} together={together} />
    </View>
  );
  return (
    <Screen full>
      <View style={styles.head}>
        <BackLink href={{ pathname: '/', params: lookParams(look) }} name={compareText.yard} />
        <Txt kind="title">{changeWords(before, after)}</Txt>
        <Txt tone="ink2">
          {compareText.bothJudgedOnWhatThreatens(scenarioNames[look.scenario][1])}
        </Txt>
      </View>
      <View style={wide ? styles.beside : styles.under}>
        {side(before, first, 'a')}
        {side(after, second, 'b')}
      </View>
      <Changes before={before} after={after} look={look} />
    </Screen>
  );
}

function statesOf({ walks, mends }: Yard): (readonly [State, string])[] {
  const days = [...new Set(inDateOrder(walks).map(({ date }) => date))];
  const inHand = mends.filter(({ state }) => state !== 'held').length;
  return [
    ...days.map((day) => [day, compareText.asKnownOn(day)] as const),
    ['now', compareText.asItStandsNow],
    ...(inHand > 0 ? [['mended', compareText.withInHandDoneAs(inHand)] as const] : []),
  ];
}

/** Losses of that state of the place, with how it has gone here weighed once for both. */
function LossesOf({
  yard,
  state,
  look,
  birds,
}: {
  readonly yard: Yard;
  readonly state: State;
  readonly look: Look;
  readonly birds: number;
}) {
  const { place, walks, sightings } = yard;
  const { scenario, day } = look;
  const asked = useMemo(
    () =>
      ({
        what: 'year',
        place,
        walks: walksOf(yard, state, day),
        walksNow: walks,
        log: sightings,
        scenario,
        date: day,
      }) as const,
    [place, walks, yard, state, sightings, scenario, day],
  );
  const it = useReckoning(asked);
  return (
    <Txt tone="ink2" room={2}>
      {it.state === 'done'
        ? compareText.lossesAYear(lossSentence(it.answer, birds))
        : compareText.lossesBeingReckoned}
    </Txt>
  );
}

/** Today's threats for all of them; only what is known of the place differs. */
function judgedAs(yard: Yard, state: State, { scenario, day }: Look): Judgement {
  const circumstances = { scenario, log: yard.sightings, date: day };
  return judge(yard.place, walksOf(yard, state, day), circumstances);
}

function walksOf({ place, walks, mends }: Yard, state: State, day: string): readonly Walk[] {
  if (state === 'now') return walks;
  if (state === 'mended') return [...walks, plannedWalk(place.id, mends, day)];
  return walks.filter(({ date }) => date <= state);
}

function changeWords(before: Judgement, after: Judgement): string {
  const [a, b] = [before.waysIn.length, after.waysIn.length];
  if (a === b) return compareText.eitherWay(a);
  const change = b < a ? compareText.fewer(a - b) : compareText.more(b - a);
  return `${change}: ${a} → ${compareText.waysIn(b)}`;
}

interface ChangesProps {
  readonly before: Judgement;
  readonly after: Judgement;
  readonly look: Look;
}

/** Bays that are drawn otherwise, and animals that get otherwise far. */
function Changes({ before, after, look }: ChangesProps) {
  const bays = lapOf(after.found.place).bays.flatMap(({ bay }) => {
    const [was, is] = [before.marks.get(bay.id), after.marks.get(bay.id)];
    return was && is && was !== is ? [{ bay, was, is }] : [];
  });
  const animals = after.animals.flatMap((now) => {
    const then = before.animals.find(({ animal }) => animal === now.animal);
    return then?.presence === 'about' && then.minutes.best !== now.minutes.best
      ? [{ then, now }]
      : [];
  });
  return (
    <Part title={compareText.whatDiffers}>
      {bays.length + animals.length === 0 && (
        <Txt tone="ink2">{compareText.nothingThatALineOr}</Txt>
      )}
      <View>
        {bays.map(({ bay, was, is }) => (
          <LinkRow
            key={bay.id}
            href={{ pathname: '/item/[item]', params: { item: bay.id, ...lookParams(look) } }}
            says={compareText.wallThen(bay.name, lineCode[was].name, lineCode[is].name)}
          >
            <Txt kind="strong">{capital(bay.name)}</Txt>
            <Txt tone="ink2">
              {lineCode[was].name} → {lineCode[is].name}
            </Txt>
          </LinkRow>
        ))}
        {animals.map(({ then, now }) => (
          <LinkRow
            key={now.animal}
            href={{
              pathname: '/animal/[animal]',
              params: { animal: now.animal, ...lookParams(look) },
            }}
            says={compareText.animalThen(now.animal, then.minutes.best, now.minutes.best)}
          >
            <Txt kind="strong">{animalName(now.animal)}</Txt>
            <Txt tone="ink2">
              {levelShort(then.minutes.best)} → {levelShort(now.minutes.best)}
            </Txt>
          </LinkRow>
        ))}
      </View>
    </Part>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  beside: { flexDirection: 'row' },
  under: {},
  side: {
    flex: 1,
    minWidth: 0,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  first: { borderRightWidth: 1, borderRightColor: color.hairline },
});
