/** A reading of what kind: a mesh, a latch. Each choice says what it stops here. */
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import { meshes, type MeshId } from '@/core/tables/meshes';
import { latches, type LatchId } from '@/core/tables/latches';
import { Txt } from '@/ui/controls/Txt';
import { MeshPatterns, meshFill } from '@/ui/drawings/MeshPatterns';
import { color, space, touch } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import { latchNames, listOf, meshNames, motionNames } from '@/words/names';
import { unitIndex } from '@/words/spot-words';
import { MeaningLines } from './MeaningLines';
import type { ChoiceAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: ChoiceAnswer;
}

export function ChoiceReading({ place, question, answer }: Props) {
  const isMesh = question.attribute === 'layer.mesh';
  const last = isKnown<string>(question.known) ? question.known.is : undefined;
  const mesh = answer.chosen as MeshId | 'none' | undefined;
  const clear = isMesh && mesh && mesh !== 'none' ? meshes[mesh].clear.value : undefined;
  return (
    <View role="radiogroup" style={styles.list}>
      {isMesh && clear !== undefined && (
        <View style={styles.meaning}>
          <MeaningLines place={place} question={question} mm={clear} />
        </View>
      )}
      {answer.choices.map((choice) => (
        <Pressable
          key={choice}
          role="radio"
          aria-checked={answer.chosen === choice}
          onPress={() => answer.choose(choice)}
          style={[styles.choice, answer.chosen === choice && styles.chosen]}
        >
          {isMesh && <Swatch mesh={choice as MeshId | 'none'} />}
          <View style={styles.words}>
            <Txt kind="strong">{nameOf(place, choice, isMesh)}</Txt>
            <Txt kind="small" tone="ink2">
              {isMesh ? clearWords(place, choice) : motionWords(choice)}
              {last === choice ? ' · last walk' : ''}
            </Txt>
          </View>
        </Pressable>
      ))}
    </View>
  );
}

function nameOf(place: Place, choice: string, isMesh: boolean): string {
  return isMesh
    ? meshNames[choice as MeshId | 'none'][unitIndex(place)]
    : latchNames[choice as LatchId | 'none'];
}

function clearWords(place: Place, choice: string): string {
  if (choice === 'none') return 'open';
  const { clear, kind } = meshes[choice as MeshId];
  return kind === 'solid'
    ? 'nothing passes sound board'
    : `clears ${lengthWords(clear.value, place.units)}`;
}

function motionWords(choice: string): string {
  if (choice === 'none') return 'nothing holds it';
  const names = latches[choice as LatchId].motions.map(({ motion }) => motionNames[motion]);
  return listOf(names, 'then');
}

function Swatch({ mesh }: { readonly mesh: MeshId | 'none' }) {
  return (
    <Svg width={56} height={40} aria-hidden>
      <MeshPatterns />
      <Rect x={1} y={1} width={54} height={38} fill={meshFill(mesh)} stroke={color.hairline} />
    </Svg>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s },
  meaning: { alignItems: 'flex-end' },
  choice: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: touch,
    padding: space.s,
    backgroundColor: color.paper,
    borderWidth: 2,
    borderColor: color.hairline,
    borderRadius: 8,
  },
  chosen: { borderColor: color.ink, backgroundColor: color.ground },
  words: { flex: 1 },
});
