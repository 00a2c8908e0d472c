/** One attack on an item: who gets by for sure, who might, who is held; every reason with its source one touch away. */
import { itemText } from '@/words/screens/item';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PartEffort } from '@/core/effort/reason';
import type { FoundPlace } from '@/core/records/apply-readings';
import type { AttackView } from '@/core/score/item-view';
import { lookParams, type Look } from '@/features/look/use-look';
import { ReasonLines, SourceLines } from '@/features/way/ReasonLines';
import { Button } from '@/ui/controls/Button';
import { LinkRow } from '@/ui/controls/LinkRow';
import { Part } from '@/ui/controls/Part';
import { Txt } from '@/ui/controls/Txt';
import { space } from '@/ui/theme/tokens';
import { animalName } from '@/words/headline';
import { levelShort } from '@/words/minutes-words';
import { attackNames, capital } from '@/words/names';
import { spotWords } from '@/words/spot-words';

interface Props {
  readonly found: FoundPlace;
  readonly view: AttackView;
  readonly look: Look;
}

export function AttackBlock({ found, view, look }: Props) {
  const { letsBy, perhaps, held } = view;
  return (
    <Part title={capital(attackNames[view.attack])}>
      {letsBy.length > 0 && (
        <View>
          {letsBy.map((part) => (
            <LinkRow
              key={part.animal}
              href={{
                pathname: '/animal/[animal]',
                params: { animal: part.animal, ...lookParams(look) },
              }}
              says={`${animalName(part.animal)}: ${levelShort(part.minutes)}`}
              lead={
                <Txt
                  kind="label"
                  tone={part.minutes !== null && part.minutes < 60 ? 'open' : 'hours'}
                >
                  {levelShort(part.minutes)}
                </Txt>
              }
            >
              <Txt kind="strong">{animalName(part.animal)}</Txt>
              <Txt tone="ink2">{capital(spotWords(found.place, part))}</Txt>
            </LinkRow>
          ))}
        </View>
      )}
      {letsBy.length > 0 && <ReasonLines found={found} parts={letsBy} />}
      {perhaps.length > 0 && (
        <Folded
          says={itemText.notKnownOfItIs(animalsIn(perhaps))}
          label={itemText.whatWouldBeEnough}
        >
          <SourceLines found={found} parts={perhaps} unread />
        </Folded>
      )}
      {held.length > 0 && (
        <Folded
          says={itemText.holdsAgainst(letsBy.length + perhaps.length > 0, animalsIn(held))}
          label={itemText.whyItHolds}
        >
          <ReasonLines found={found} parts={held} open />
        </Folded>
      )}
    </Part>
  );
}

const animalsIn = (parts: readonly PartEffort[]) => parts.map(({ animal }) => animal);

interface FoldedProps {
  readonly says: string;
  readonly label: string;
  readonly children: ReactNode;
}

function Folded({ says, label, children }: FoldedProps) {
  const [shown, setShown] = useState(false);
  return (
    <View style={styles.held}>
      <Txt tone="ink2">{says}</Txt>
      {shown ? (
        children
      ) : (
        <Button
          look="key"
          label={label}
          says={`${label}: ${says}`}
          onPress={() => setShown(true)}
          style={styles.why}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  held: { gap: space.s },
  why: { alignSelf: 'flex-start', paddingHorizontal: space.l },
});
