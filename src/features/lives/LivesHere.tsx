/** Which animals the keeper reckons with, what draws them, and how often they come. One that is left out is never judged. */
import { livesText } from '@/words/screens/lives';
import { StyleSheet, View } from 'react-native';
import type { Place } from '@/core/place/place';
import {
  nextOften,
  oftenOf,
  setOften,
  setRegion,
  setWhere,
  toggleAccepted,
  toggleDeterrent,
  toggleThreat,
  toggleNear,
} from '@/core/place/setting';
import { usualVisits, wordFor } from '@/core/score/visits';
import { animals, animalsOf, type AnimalId } from '@/core/tables/animals';
import { isPartUnknown } from '@/core/tables/regions';
import { deterrents, nearThings } from '@/core/tables/visiting';
import { WhereItStands } from '@/features/where/WhereItStands';
import { Button } from '@/ui/controls/Button';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { deterrentNames, nearNames, oftenNames, regionNames } from '@/words/names';

interface Props {
  readonly place: Place;
  readonly onChange: (work: (place: Place) => Place) => void;
}

export function LivesHere({ place, onChange }: Props) {
  const { lives, near, region, where, deterrents: put = [], accepted = [] } = place.setting;
  const known = [...new Set([...animalsOf(region), ...lives])];
  return (
    <Part title={livesText.whoIsReckonedWith}>
      {(where === undefined || isPartUnknown(region)) && (
        <WhereItStands
          region={region}
          where={where}
          onRegion={(next) => onChange((it) => setRegion(it, next))}
          onWhere={(next) => onChange((it) => setWhere(it, next))}
        />
      )}
      <Txt tone="ink2">{livesText.knownInAsFarAs(regionNames[region])}</Txt>
      <Toggles
        all={known}
        nameOf={animalName}
        chosen={lives}
        onToggle={(id) => onChange((it) => toggleThreat(it, id))}
      />
      <Txt kind="sub">{livesText.whatLiesNearAndWhat}</Txt>
      <Toggles
        all={nearThings}
        nameOf={(thing) => nearNames[thing]}
        chosen={near}
        onToggle={(thing) => onChange((it) => toggleNear(it, thing))}
      />
      <Txt kind="sub">{livesText.whatIsPutUpAgainstThem}</Txt>
      <Txt tone="ink2">{livesText.keepsAFewAway}</Txt>
      <Toggles
        all={deterrents}
        nameOf={(it) => deterrentNames[it]}
        chosen={put}
        onToggle={(it) => onChange((one) => toggleDeterrent(one, it))}
      />
      <Txt kind="sub">{livesText.theOddBirdIsAccepted}</Txt>
      <Txt tone="ink2">{livesText.leavesHeadlineAndPlan}</Txt>
      <Toggles
        all={lives}
        nameOf={animalName}
        saysOf={livesText.acceptTheOddBirdTo}
        chosen={accepted}
        onToggle={(id) => onChange((it) => toggleAccepted(it, id))}
      />
      <Txt kind="sub">{livesText.howOftenEachComesBy}</Txt>
      <Txt tone="ink2">{livesText.reckonedFromWhatLiesNear}</Txt>
      <View style={styles.wrap}>
        {lives.map((id) => (
          <HowOften key={id} place={place} id={id} onChange={onChange} />
        ))}
      </View>
    </Part>
  );
}

interface TogglesProps<T extends string> {
  readonly all: readonly T[];
  readonly nameOf: (it: T) => string;
  /** What is read out, where the name alone does not say it. */
  readonly saysOf?: (it: T) => string;
  readonly chosen: readonly T[];
  readonly onToggle: (it: T) => void;
}

function Toggles<T extends string>({ all, nameOf, saysOf, chosen, onToggle }: TogglesProps<T>) {
  return (
    <View style={styles.wrap}>
      {all.map((it) => (
        <Button
          key={it}
          look="chip"
          label={nameOf(it)}
          {...(saysOf && { says: saysOf(it) })}
          selected={chosen.includes(it)}
          onPress={() => onToggle(it)}
          style={styles.chip}
        />
      ))}
    </View>
  );
}

/** The keeper's word, or the one that comes out of what lies near. */
function HowOften({ place, id, onChange }: Props & { readonly id: AnimalId }) {
  const own = oftenOf(place, id);
  const word = own ?? wordFor(usualVisits(place, animals[id]));
  return (
    <Button
      look="chip"
      label={`${animalName(id)}: ${oftenNames[word]}`}
      says={livesText.changeOften(
        id,
        oftenNames[word],
        own ? livesText.asYouSay : livesText.asReckoned,
      )}
      selected={own !== undefined}
      onPress={() => onChange((it) => setOften(it, id, nextOften(oftenOf(it, id))))}
      style={styles.often}
    />
  );
}

const styles = StyleSheet.create({
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  chip: { minWidth: 104, paddingHorizontal: space.m },
  often: { minWidth: 160, paddingHorizontal: space.m },
});
