/** One bay, post to post: everything it carries, to be said or set right. */
import { bayText } from '@/words/screens/bay';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { changeBay } from '@/core/place/edit/change-bay';
import { findBay } from '@/core/place/find';
import { questionsOf } from '@/core/walk/questions';
import { TextField } from '@/features/edit/TextField';
import { UndoBar } from '@/features/edit/UndoBar';
import { useEdit } from '@/features/edit/use-edit';
import type { Yard } from '@/store/records';
import { useJudgement } from '@/store/use-yard';
import { BackLink } from '@/ui/controls/BackLink';
import { Button } from '@/ui/controls/Button';
import { Columns } from '@/ui/controls/Columns';
import { Notice } from '@/ui/controls/Notice';
import { FoldedPart } from '@/ui/controls/FoldedPart';
import { Screen } from '@/ui/controls/Screen';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { capital } from '@/words/names';
import { AlikePart } from './AlikePart';
import type { BayParts } from './bay-edit';
import { BayPicture } from './BayPicture';
import { CoverPart } from './CoverPart';
import { GroundPart } from './GroundPart';
import { OpeningsPart } from './OpeningsPart';
import { PostsPart } from './PostsPart';
import { StrandsPart } from './StrandsPart';
import { TopPart } from './TopPart';

export function BayScreen({ yard, id }: { readonly yard: Yard; readonly id: string }) {
  const router = useRouter();
  const judgement = useJudgement(yard);
  const edit = useEdit();
  const { place } = yard;
  const own = findBay(place, id);
  const read = findBay(judgement.found.place, id);
  if (!own || !read) return <Gone yard={yard} />;
  const parts: BayParts = {
    place,
    bay: own.bay,
    found: read.bay,
    edit,
    change: (made, work) => edit.change(made, (it) => changeBay(it, id, work)),
  };
  const isWall = own.face.kind === 'wall' || own.face.kind === 'partition';
  const first = questionsOf(judgement.found.place).find((it) => it.bay === id);
  return (
    <Columns
      names={[capital(own.bay.name), bayText.doorsAndTop]}
      head={
        <>
          <View style={styles.head}>
            <BackLink href="/place" name={bayText.place} />
            <Txt kind="title">{capital(own.bay.name)}</Txt>
            {edit.trouble && <Notice>{edit.trouble}</Notice>}
            <UndoBar placeId={place.id} />
          </View>
          {isWall && <BayPicture judgement={judgement} id={id} />}
        </>
      }
      left={
        <>
          <CoverPart {...parts} isWall={isWall} />
          {isWall && <GroundPart {...parts} />}
        </>
      }
      right={
        <>
          <OpeningsPart {...parts} />
          {isWall && <StrandsPart {...parts} />}
          {isWall && <TopPart {...parts} />}
          {isWall && <AlikePart {...parts} />}
          <FoldedPart title={bayText.nameAndPosts} closed={bayText.nameAndSize(place, own.bay)}>
            <TextField
              label={bayText.nameOfTheBay}
              text={own.bay.name}
              most={80}
              onChange={(name) => parts.change('name', (bay) => ({ ...bay, name }))}
            />
            {isWall && <PostsPart {...parts} />}
          </FoldedPart>
          {first && (
            <View style={styles.head}>
              <Button
                look="plain"
                label={bayText.walk(own.bay.name)}
                onPress={() =>
                  router.push({ pathname: '/walk/[question]', params: { question: first.id } })
                }
              />
            </View>
          )}
        </>
      }
    />
  );
}

/** It was joined with another, its wall was taken away, or the address is another place’s. */
function Gone({ yard }: { readonly yard: Yard }) {
  return (
    <Screen>
      <View style={styles.head}>
        <BackLink href="/place" name={bayText.place} />
        <Txt kind="title">{bayText.thisBayIsNotHere}</Txt>
        <Txt tone="ink2">{bayText.itsWallWasChangedOr}</Txt>
        <UndoBar placeId={yard.place.id} />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ head: { padding: space.l, gap: space.s } });
