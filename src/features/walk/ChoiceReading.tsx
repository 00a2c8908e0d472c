/** A reading of what kind: a mesh, a latch. Each choice says what it stops here. */
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { isKnown } from '@/core/place/possible';
import type { AttributeId } from '@/core/place/attributes';
import type { Place, Soil } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import { meshes, type MeshId } from '@/core/tables/meshes';
import { latches, type LatchId } from '@/core/tables/latches';
import { Txt } from '@/ui/controls/Txt';
import { MeshPatterns, meshFill } from '@/ui/drawings/MeshPatterns';
import { color, space, touch } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import { latchNames, listOf, meshNames, motionNames, soilNames } from '@/words/names';
import { unitIndex } from '@/words/spot-words';
import { MeaningLines } from './MeaningLines';
import type { ChoiceAnswer } from './use-answer';

interface Props {
  readonly place: Place;
  readonly question: Question;
  readonly answer: ChoiceAnswer;
}

/** What one choice is called, and what is to be said of it. */
type Say = (place: Place, choice: string) => readonly [name: string, note: string];

const says: Partial<Record<AttributeId, Say>> = {
  'layer.mesh': (place, choice) => [
    meshNames[choice as MeshId | 'none'][unitIndex(place)],
    clearWords(place, choice),
  ],
  'latch.kind': (_place, choice) => [latchNames[choice as LatchId | 'none'], motionWords(choice)],
  'ground.soil': (_place, choice) => soilNames[choice as Soil],
  'skirt.tied': (_place, choice) =>
    choice === 'yes'
      ? ['tied all along', 'the apron counts']
      : ['loose or lifted', 'the apron counts for nothing'],
};

export function ChoiceReading({ place, question, answer }: Props) {
  const isMesh = question.attribute === 'layer.mesh';
  const say = says[question.attribute];
  const last = isKnown<string>(question.known) ? question.known.is : undefined;
  const mesh = answer.chosen as MeshId | 'none' | undefined;
  const clear = isMesh && mesh && mesh !== 'none' ? meshes[mesh].clear.value : undefined;
  return (
    <View role="radiogroup" style={styles.list}>
      {clear !== undefined && (
        <View style={styles.meaning}>
          <MeaningLines place={place} question={question} mm={clear} />
        </View>
      )}
      {answer.choices.map((choice) => {
        const [name, note] = say?.(place, choice) ?? [choice, ''];
        return (
          <Pressable
            key={choice}
            role="radio"
            aria-checked={answer.chosen === choice}
            onPress={() => answer.choose(choice)}
            style={[styles.choice, answer.chosen === choice && styles.chosen]}
          >
            {isMesh && <Swatch mesh={choice as MeshId | 'none'} />}
            <View style={styles.words}>
              <Txt kind="strong">{name}</Txt>
              <Txt kind="small" tone="ink2">
                {note}
                {last === choice ? ' · last walk' : ''}
              </Txt>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
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
