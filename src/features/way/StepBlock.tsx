/** One barrier of a way in: its weak spots with reading, figure and source, and the mends that fit. */
import { wayText } from '@/words/screens/way';
import { Link } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { proposalsFor, type Proposal } from '@/core/mends/propose';
import { isFor, weakSpots } from '@/core/mends/spots';
import type { WeakSpot } from '@/core/mends/weak-spot';
import type { FoundPlace } from '@/core/records/apply-readings';
import { findBay } from '@/core/place/find';
import type { RouteStep } from '@/core/routes/animal-routes';
import type { When } from '@/core/effort/when';
import type { AnimalId } from '@/core/tables/animals';
import { lookParams, type Look } from '@/features/look/use-look';
import { useRouterHere } from '@/features/frame/use-router-here';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { animalList, capital } from '@/words/names';
import { mendName, mendStateWords } from '@/words/mend-words';
import { spotWords } from '@/words/spot-words';
import { notSavedWords } from '@/words/not-saved-words';
import { ProposalRow } from './ProposalRow';
import { ReasonLines } from './ReasonLines';

interface Props {
  readonly yard: Yard;
  readonly found: FoundPlace;
  readonly step: RouteStep;
  readonly number: number;
  readonly animals: readonly AnimalId[];
  readonly when: When;
  readonly look: Look;
}

export function StepBlock({ yard, found, step, number, animals, when, look }: Props) {
  const { place } = found;
  const bay = findBay(place, step.bay.id)?.bay ?? step.bay;
  const into = place.zones.find((zone) => zone.id === step.into)?.name ?? step.into;
  return (
    <View style={styles.block}>
      <Txt kind="heading">{wayText.intoThe(number, bay.name, into)}</Txt>
      <Txt tone="ink2">{wayText.whoComesThisWayTo}</Txt>
      <View style={styles.who}>
        {animals.map((animal) => (
          <Link
            key={animal}
            href={{ pathname: '/animal/[animal]', params: { animal, ...lookParams(look) } }}
            style={styles.link}
          >
            <Txt kind="strong" tone="holds">
              {capital(animalList([animal]))}
            </Txt>
          </Link>
        ))}
      </View>
      {weakSpots(place, bay, when).map((weak) => (
        <SpotBlock
          key={`${weak.spot.kind} ${weak.spot.item}`}
          yard={yard}
          found={found}
          weak={weak}
        />
      ))}
    </View>
  );
}

/** One weak spot: why it lets by whom, the mend in hand or the mends on offer. */
export function SpotBlock({
  yard,
  found,
  weak,
}: {
  yard: Yard;
  found: FoundPlace;
  weak: WeakSpot;
}) {
  const router = useRouterHere();
  const { planMend } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const { place } = found;
  const worst = weak.parts[0];
  if (!worst) return null;
  const inHand = yard.mends.find((mend) => isFor(mend, weak));
  const choose = (proposal: Proposal) => {
    planMend(proposal)
      .then((id) => router.push({ pathname: '/mends/[id]', params: { id } }))
      .catch((error: unknown) => setTrouble(notSavedWords(error)));
  };
  return (
    <View style={styles.spot}>
      <Txt kind="sub">
        {capital(spotWords(place, worst))}: {animalList(weak.letsBy)}
      </Txt>
      <ReasonLines found={found} parts={weak.parts} />
      {trouble && <Notice>{trouble}</Notice>}
      {inHand ? (
        <Link href={{ pathname: '/mends/[id]', params: { id: inHand.id } }} style={styles.link}>
          <Txt kind="strong" tone="holds">
            {mendName(inHand)}: {mendStateWords[inHand.state]}
          </Txt>
        </Link>
      ) : (
        <Proposals
          place={place}
          proposals={proposalsFor(weak)}
          without={noMendWords(weak)}
          onChoose={choose}
        />
      )}
    </View>
  );
}

function Proposals({
  place,
  proposals,
  without,
  onChoose,
}: {
  readonly place: FoundPlace['place'];
  readonly proposals: readonly Proposal[];
  /** Said where there is no mend. */
  readonly without: string;
  readonly onChoose: (proposal: Proposal) => void;
}) {
  const [all, setAll] = useState(false);
  if (proposals.length === 0) {
    return <Txt tone="ink2">{without}</Txt>;
  }
  const few = 3;
  return (
    <View style={styles.proposals}>
      {proposals.slice(0, all ? undefined : few).map((proposal, index) => (
        <ProposalRow
          key={proposal.mend.kind}
          place={place}
          proposal={proposal}
          first={index === 0}
          onChoose={() => onChoose(proposal)}
        />
      ))}
      {!all && proposals.length > few && (
        <Button look="plain" label={wayText.moreMends} onPress={() => setAll(true)} />
      )}
    </View>
  );
}

function noMendWords({ parts }: WeakSpot): string {
  const doors = parts.flatMap(({ reason }) =>
    reason.kind === 'stands-open' ? [reason.doors] : [],
  );
  if (doors.length === 0) return wayText.thereIsNoMendFor;
  return doors.every((it) => it === 'by-day' || it === 'ranging')
    ? wayText.openForTheBirds
    : wayText.shutItEveryNightNo;
}

const styles = StyleSheet.create({
  block: {
    padding: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderBottomWidth: 1,
    borderBottomColor: color.hairline,
  },
  spot: { gap: space.s, paddingTop: space.s },
  who: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  proposals: { gap: space.m, paddingTop: space.xs },
  link: { paddingVertical: space.m },
});
