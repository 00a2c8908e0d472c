/** One animal: how it gets to the birds here, step by step, why, what would stop it, and what it turns to next. */
import { animalText } from '@/words/screens/animal';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FoundPlace } from '@/core/records/apply-readings';
import type { Place } from '@/core/place/place';
import { animalVerdict, findsThemInTheOpen } from '@/core/score/animal-verdict';
import { animalView, type AnimalView } from '@/core/score/animal-view';
import { whereabouts } from '@/core/score/scenario';
import { findOut, type AnimalJudgement } from '@/core/score/judge';
import type { AnimalId } from '@/core/tables/animals';
import { lookParams, useLook, type Look } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { LapSheet } from '@/features/look/LapSheet';
import { SitePlanSheet } from '@/features/look/SitePlanSheet';
import { BackLink } from '@/ui/controls/BackLink';
import { Columns } from '@/ui/controls/Columns';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { usePageWidth } from '@/ui/theme/use-page-width';
import { useWide } from '@/ui/theme/use-wide';
import { animalName, wayWhere } from '@/words/headline';
import { levelLong, levelShort } from '@/words/minutes-words';
import { capital, count } from '@/words/names';
import { absenceWords } from '@/words/animal-words';
import { scenarioNames } from '@/words/scenario-words';
import { Lore } from './Lore';
import { NextWay, RouteSteps } from './RouteSteps';

export function AnimalScreen({ yard, id }: { readonly yard: Yard; readonly id: AnimalId }) {
  const router = useRouter();
  const look = useLook();
  const wide = useWide();
  const guess = usePageWidth('right');
  const { place, walks, sightings } = yard;
  const known = useMemo(
    () => findOut(place, walks, { log: sightings, date: look.day }),
    [place, walks, sightings, look.day],
  );
  const view = useMemo(() => animalView(known, look.scenario, id), [known, look.scenario, id]);
  const birds = useMemo(
    () => whereabouts(known.found.place, look.scenario, look.day),
    [known, look.scenario, look.day],
  );
  const { judgement } = view;
  const { found } = known;
  const drawn = {
    place: found.place,
    marks: view.marks,
    ways: useMemo(() => drawnWays(view), [view]),
    selected: undefined,
    onSelect: (item: string) =>
      router.push({ pathname: '/item/[item]', params: { item, ...lookParams(look) } }),
    guess,
  };
  return (
    <Columns
      names={[animalName(id), animalText.planAndLap]}
      rightFirst
      head={
        <View style={styles.head}>
          <BackLink href={{ pathname: '/', params: lookParams(look) }} name={animalText.yard} />
          <Txt kind="title">
            {animalName(id)}: {verdictWords(judgement)}
          </Txt>
          <Txt tone="ink2">
            {scenarioNames[look.scenario][1]}. {chanceWords(view)}
          </Txt>
        </View>
      }
      left={
        <View>
          <HowItGetsIn view={view} found={found} look={look} />
          <Lore id={id} place={place} visits={judgement.visits} />
        </View>
      }
      right={
        <View>
          <SitePlanSheet {...drawn} whereabouts={birds} tallest={wide ? 420 : 330} />
          <LapSheet {...drawn} day={look.day} whole={false} />
        </View>
      }
    />
  );
}

interface HowProps {
  readonly view: AnimalView;
  readonly found: FoundPlace;
  readonly look: Look;
}

function HowItGetsIn({ view, found, look }: HowProps) {
  const { judgement } = view;
  if (judgement.presence !== 'about') return null;
  return (
    <>
      <Part title={animalText.howItGetsToThe}>
        {judgement.route ? (
          <RouteSteps found={found} route={judgement.route} look={look} />
        ) : (
          <Txt tone="ink2">{noRouteWords(view)}</Txt>
        )}
      </Part>
      {judgement.route && (
        <Part title={animalText.onceThatIsMended}>
          <NextWay found={found} next={view.next} look={look} />
          <OtherWays view={view} look={look} place={found.place} />
        </Part>
      )}
    </>
  );
}

/** The weakest route alone, with its number; the others are said, not drawn over each other. */
function drawnWays({ judgement, waysIn, slowWays }: AnimalView) {
  const { route, animal } = judgement;
  if (!route) return [];
  const first = route.steps[0].bay.id;
  const way = [...waysIn, ...slowWays].find(({ bays }) => bays.includes(first));
  const { minutes } = route;
  return [{ id: first, bays: way?.bays ?? [first], by: [{ animal, route }], minutes }];
}

function verdictWords(judgement: AnimalJudgement): string {
  const verdict = animalVerdict(judgement);
  if (verdict === 'other-hours' || verdict === 'other-season') return absenceWords[verdict];
  if (verdict === 'not-known') return animalText.notKnownYet;
  if (findsThemInTheOpen(judgement)) return animalText.findsThemInTheOpen;
  return verdict === 'holds' ? animalText.keptOut : levelLong(judgement.minutes.best);
}

function chanceWords({ judgement }: AnimalView): string {
  const { presence, chance } = judgement;
  if (presence !== 'about') return '';
  const [low, high] = [Math.round(chance.best * 100), Math.round(chance.worst * 100)];
  return low === high
    ? animalText.ofAHundredVisitsWould(low)
    : animalText.ofAHundredVisitsTo(low, high);
}

function noRouteWords({ judgement }: AnimalView): string {
  if (findsThemInTheOpen(judgement)) return animalText.birdsItTakesStandIn;
  if (judgement.groups.every(({ damage }) => damage === 0)) {
    return animalText.itTakesNoBirdsOf;
  }
  return judgement.minutes.worst === null
    ? animalText.nothingReadLetsItBy
    : animalText.nothingReadSoFarLets;
}

function OtherWays({
  view: { waysIn, slowWays, judgement },
  look,
  place,
}: {
  readonly view: AnimalView;
  readonly look: Look;
  readonly place: Place;
}) {
  const first = judgement.route?.steps[0].bay.id;
  const others = [...waysIn, ...slowWays].filter(({ bays }) => !first || !bays.includes(first));
  if (others.length === 0) return null;
  return (
    <View>
      <Txt tone="ink2">
        {capital(count(others.length, animalText.wayBesides, animalText.waysBesides))}:
      </Txt>
      {others.map((way) => (
        <LinkRow
          key={way.id}
          href={{ pathname: '/item/[item]', params: { item: way.id, ...lookParams(look) } }}
          says={wayWhere(place, way)}
          lead={<Txt kind="label">{levelShort(way.minutes)}</Txt>}
        >
          <Txt kind="strong">{wayWhere(place, way)}</Txt>
        </LinkRow>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.s } });
