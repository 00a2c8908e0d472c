/** How it has gone so far: since when it is kept like this, what was lost, and what that does to the losses the tables expect. */
import { StyleSheet, View } from 'react-native';
import type { Loss } from '@/core/records/sighting';
import type { Losses } from '@/core/score/losses';
import { DayField } from '@/features/edit/DayField';
import { NumberField } from '@/features/edit/NumberField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit, type Edit } from '@/features/edit/use-edit';
import { lookParams, useLook } from '@/features/look/use-look';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { bandWords, livedWords, lossesOfFlock, lossRankWords, lossWords } from '@/words/loss-words';
import { birdsWords } from '@/words/plan-words';
import { livedText } from '@/words/screens/lived';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';
import { LossesPart } from './LossesPart';

export function LivedScreen({ yard }: { readonly yard: Yard }) {
  const look = useLook();
  const edit = useEdit();
  const { place, walks, sightings } = yard;
  const judgement = useJudgement(yard, look);
  const asked = { place, walks, log: sightings, scenario: look.scenario, date: look.today };
  const year = useReckoning(useAskedOf('year', asked));
  const losses = year.state === 'done' ? year.answer : undefined;
  const birds = judgement.birds;
  return (
    <Columns
      names={[livedText.howItHasGoneHere, livedText.whatItComesTo]}
      head={
        <View style={styles.head}>
          <BackLink href={{ pathname: '/', params: lookParams(look) }} name={livedText.yard} />
          <View style={styles.answer}>
            <Txt kind="title">
              {losses
                ? livedText.birdsLost(lossRankWords(losses, birds))
                : livedText.howItHasGoneHere}
            </Txt>
            {losses && <Txt kind="strong">{livedText.inFigures(lossesOfFlock(losses, birds))}</Txt>}
            <Txt tone="ink2">{livedText.whatYouHaveLivedThrough}</Txt>
          </View>
          {edit.trouble && <Notice>{edit.trouble}</Notice>}
          <UndoBar placeId={place.id} />
        </View>
      }
      left={
        <>
          <KeptPart yard={yard} today={look.today} edit={edit} />
          <LossesPart yard={yard} today={look.today} edit={edit} />
        </>
      }
      right={
        <Part title={livedText.whatItComesTo}>
          {losses ? (
            <Weighed losses={losses} />
          ) : (
            <Txt tone="ink2">
              {year.state === 'failed' ? livedText.couldNotBeReckoned : livedText.beingReckoned}
            </Txt>
          )}
        </Part>
      }
    />
  );
}

/** Asked once; nothing hangs on its being answered. */
function KeptPart({
  yard: { place },
  today,
  edit,
}: {
  readonly yard: Yard;
  readonly today: string;
  readonly edit: Edit;
}) {
  const { experience } = place;
  const setSince = (since: string | undefined) => {
    if (since === undefined) return;
    if (since > today) {
      edit.setTrouble(livedText.notAfterToday);
      return;
    }
    void edit.change('how-it-has-gone', (it) => ({
      ...it,
      experience: { since, lost: it.experience?.lost ?? 0, asOf: today },
    }));
  };
  const setLost = (lost: number | undefined) => {
    if (!experience) {
      edit.setTrouble(livedText.sayWhenFirst);
      return;
    }
    void edit.change('how-it-has-gone', (it) => ({
      ...it,
      experience: { since: experience.since, lost: lost ?? 0, asOf: today },
    }));
  };
  const forget = () => edit.change('how-it-has-gone', ({ experience: _, ...others }) => others);
  return (
    <Part title={livedText.keptLikeThis}>
      <DayField label={livedText.keptLikeThisSince} day={experience?.since} onChange={setSince} />
      <NumberField
        label={livedText.birdsLostSince}
        value={experience?.lost}
        least={0}
        most={10_000}
        whole
        onChange={setLost}
      />
      <Txt tone="ink2">{livedText.fromNowOn}</Txt>
      {experience && <Button look="plain" label={livedText.forget} onPress={forget} />}
    </Part>
  );
}

function Weighed({ losses }: { readonly losses: Losses }) {
  const rows: readonly (readonly [string, string])[] = [
    [livedText.byTablesAlone, livedText.aYear(lossWords(losses.byTables))],
    [livedText.withHowItHasGone, livedText.aYear(lossWords(losses.birds))],
    [livedText.nineInTen, livedText.aYear(bandWords(losses.band))],
  ];
  const { animals, lived } = losses;
  const named = new Set(lived.losses.flatMap(({ animal }: Loss) => animal ?? []));
  const moved = animals.filter(({ byTables }) => byTables.high >= least);
  const without = [...named].filter((id) => !moved.some(({ animal }) => animal === id));
  return (
    <>
      <Txt>{livedWords(losses)}</Txt>
      <View>
        {rows.map(([name, value]) => (
          <Line key={name} name={name} value={value} />
        ))}
      </View>
      {without.map((id) => (
        <Notice key={id}>{livedText.noWayKnownFor(id)}</Notice>
      ))}
      {moved.length > 0 && <Txt kind="sub">{livedText.whoIsMoved}</Txt>}
      <View>
        {moved.map(({ animal, birds, byTables }) => (
          <Line
            key={animal}
            name={animalName(animal)}
            value={livedText.fromTo(birdsWords(byTables.high), birdsWords(birds.high))}
          />
        ))}
      </View>
      <Txt kind="small" tone="ink2">
        {livedText.howItIsWeighed}
      </Txt>
    </>
  );
}

/** Birds a year by the tables, of animals that are listed at all. */
const least = 0.005;

function Line({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <View style={styles.line}>
      <Txt style={styles.name}>{name}</Txt>
      <Txt kind="label" style={styles.value}>
        {value}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  /** Two lines of title, one of figures, four of what they are: nothing below is to move when they are worked out. */
  answer: { gap: space.s, minHeight: 219 },
  line: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.s,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
  name: { flex: 1 },
  value: { flex: 1, textAlign: 'right' },
});
