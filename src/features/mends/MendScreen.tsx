/** One mend, from planned to held: what to do, what to mind, and what measuring again found. */
import { whereWords } from '@/words/plan-words';
import { mendsText } from '@/words/screens/mends';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { checkMend } from '@/core/mends/review';
import { plannedOf } from '@/core/mends/shopping/planned-of';
import { firstShop, unitPricesOf } from '@/core/mends/shopping/shop';
import { findBay, itemIdsOf } from '@/core/place/find';
import type { Mend, MendState } from '@/core/records/mend';
import { useRouterHere } from '@/features/frame/use-router-here';
import { UndoBar } from '@/features/edit/UndoBar';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';
import { NotFoundScreen } from '@/features/frame/NotFoundScreen';
import { Photos } from '@/features/photos/Photos';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { BackLink } from '@/ui/controls/BackLink';
import { Txt } from '@/ui/controls/Txt';
import { color, space } from '@/ui/theme/tokens';
import { mendName, mendStateWords } from '@/words/mend-words';
import { notSavedWords } from '@/words/not-saved-words';
import { HowTo } from './HowTo';
import { MendOutcome } from './MendOutcome';
import { MendPhotos } from './MendPhotos';
import { MendTargets } from './MendTargets';
import { NotesPart } from './NotesPart';
import { RoomLost } from './RoomLost';
import { StillComesIn } from './StillComesIn';
import { StateTrail } from './StateTrail';

export function MendScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const mend = yard.mends.find((it) => it.id === id);
  return mend ? <Page yard={yard} mend={mend} /> : <NotFoundScreen />;
}

function Page({ yard, mend }: { readonly yard: Yard; readonly mend: Mend }) {
  const judgement = useJudgement(yard);
  const { found } = judgement;
  const name = mendName(mend);
  const bay = findBay(yard.place, mend.bay)?.bay;
  const where = mend.spot.kind === 'fence' ? whereWords(yard.place, mend) : (bay?.name ?? mend.bay);
  const check = checkMend(found, mend);
  const today = useToday();
  const unitPrices = unitPricesOf(yard.place, yard.shop ?? firstShop(yard.place));
  return (
    <Columns
      names={[name, mendsText.soFar]}
      head={
        <View style={styles.head}>
          <BackLink href="/mends" name={mendsText.mends} />
          <Txt kind="title">{name}</Txt>
          <Txt kind="strong">
            {mendsText.against(where, mend.stops, mendStateWords[mend.state])}
          </Txt>
          <MendOutcome place={found.place} mend={mend} check={check} />
          <StillComesIn judgement={judgement} mend={mend} />
          <Actions yard={yard} mend={mend} />
          <UndoBar placeId={yard.place.id} />
        </View>
      }
      left={
        <View style={styles.part}>
          <Txt kind="heading">{mendsText.how}</Txt>
          <MendTargets place={found.place} mend={mend} />
          {mend.kind !== 'own' && <HowTo kind={mend.kind} />}
          <RoomLost place={found.place} mend={mend} />
        </View>
      }
      right={
        <>
          <NotesPart
            place={found.place}
            mend={mend}
            planned={plannedOf(found.place, mend, unitPrices)}
            today={today}
          />
          <View style={styles.part}>
            <Txt kind="heading">{mendsText.soFar}</Txt>
            <StateTrail mend={mend} />
          </View>
          <MendPhotos placeId={yard.place.id} mend={mend} name={name} />
          {bay && (
            <Photos
              placeId={yard.place.id}
              items={[bay.id, ...itemIdsOf(bay).filter((it) => it !== bay.id)]}
              name={bay.name}
            />
          )}
        </>
      }
    />
  );
}

interface Action {
  readonly label: string;
  readonly to: MendState | 'again';
}

const actions: Readonly<Record<MendState, readonly Action[]>> = {
  open: [{ label: mendsText.planIt, to: 'planned' }],
  planned: [
    { label: mendsText.markItDone, to: 'done' },
    { label: mendsText.boughtTheThings, to: 'bought' },
  ],
  bought: [{ label: mendsText.markItDone, to: 'done' }],
  done: [
    { label: mendsText.measureAgain, to: 'again' },
    { label: mendsText.notDoneAfterAll, to: 'planned' },
  ],
  held: [{ label: mendsText.measureAgain, to: 'again' }],
};

function Actions({ mend }: { readonly yard: Yard; readonly mend: Mend }) {
  const router = useRouterHere();
  const { moveMend, dropMend } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const failed = (error: unknown) => setTrouble(notSavedWords(error));
  const act = (to: Action['to']) => {
    if (to !== 'again') void moveMend(mend.id, to).catch(failed);
    else router.push({ pathname: '/again/[mend]/[step]', params: { mend: mend.id, step: 0 } });
  };
  const drop = () => {
    dropMend(mend.id)
      .then(() => router.replace('/mends'))
      .catch(failed);
  };
  return (
    <View style={styles.actions}>
      {trouble && <Notice>{trouble}</Notice>}
      {actions[mend.state].map(({ label, to }, index) => (
        <Button
          key={label}
          look={index === 0 ? 'main' : 'plain'}
          label={label}
          onPress={() => act(to)}
        />
      ))}
      {(mend.state === 'planned' || mend.state === 'open') && (
        <Button look="plain" label={mendsText.takeItOffTheList} onPress={drop} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { padding: space.l, gap: space.s },
  actions: { gap: space.s, paddingTop: space.s },
  part: {
    padding: space.l,
    gap: space.s,
    backgroundColor: color.paper,
    borderTopWidth: 1,
    borderTopColor: color.hairline,
  },
});
