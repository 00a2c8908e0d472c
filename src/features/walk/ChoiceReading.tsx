/** A reading of what kind: a mesh, a latch. Each choice says what it stops here. */
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { isKnown } from '@/core/place/possible';
import type { AttributeId } from '@/core/place/attributes';
import type { Place } from '@/core/place/place';
import type { Condition, Fixing } from '@/core/tables/fixings';
import type { Touching } from '@/core/tables/shocking';
import type { Soil } from '@/core/tables/soils';
import type { Question } from '@/core/walk/questions';
import { tornBy } from '@/core/walk/what-it-means';
import { meshes, type MeshId } from '@/core/tables/meshes';
import type { LatchId } from '@/core/tables/latches';
import { Button } from '@/ui/controls/Button';
import { Txt } from '@/ui/controls/Txt';
import { MeshPatterns, meshFill } from '@/ui/drawings/MeshPatterns';
import { color, space, touch } from '@/ui/theme/tokens';
import { lengthWords } from '@/words/length-words';
import {
  animalList,
  conditionNames,
  fixingNames,
  latchNames,
  meshNames,
  motionWords,
  soilNames,
  touchingNames,
} from '@/words/names';
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
  'layer.mesh': meshWords,
  'skirt.mesh': meshWords,
  'ground.floor': meshWords,
  'latch.kind': (_place, choice) => [
    latchNames[choice as LatchId | 'none'],
    motionWords(choice as LatchId | 'none'),
  ],
  'ground.soil': (_place, choice) => soilNames[choice as Soil],
  'bay.fixing': (_place, choice) => fixingNames[choice as Fixing],
  'bay.condition': (_place, choice) => conditionNames[choice as Condition],
  'strand.touching': (_place, choice) => touchingNames[choice as Touching],
  'ground.digging': (_place, choice) =>
    choice === 'yes'
      ? ['yes, fresh earth', 'somebody has begun: it counts a step easier']
      : ['none', 'grass or trodden earth'],
  'skirt.tied': (_place, choice) =>
    choice === 'yes'
      ? ['tied all along', 'the apron counts']
      : ['loose or lifted', 'the apron counts for nothing'],
};

export function ChoiceReading({ place, question, answer }: Props) {
  const isMesh = meshAttributes.includes(question.attribute);
  const [all, setAll] = useState(false);
  const say = says[question.attribute];
  const last = isKnown<string>(question.known) ? question.known.is : undefined;
  const mesh = answer.chosen as MeshId | 'none' | undefined;
  const clear =
    question.attribute === 'layer.mesh' && mesh && mesh !== 'none'
      ? meshes[mesh].clear.value
      : undefined;
  const isUsual = (choice: string, index: number) =>
    all || index < usual || [answer.chosen, last, 'none'].includes(choice);
  const shown = answer.choices.filter(isUsual);
  return (
    <View role="radiogroup" style={styles.list}>
      {clear !== undefined && (
        <View style={styles.meaning}>
          <MeaningLines place={place} question={question} mm={clear} />
        </View>
      )}
      {shown.map((choice) => {
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
      {shown.length < answer.choices.length && (
        <Button look="plain" label="More kinds" onPress={() => setAll(true)} />
      )}
    </View>
  );
}

const meshAttributes: readonly AttributeId[] = ['layer.mesh', 'skirt.mesh', 'ground.floor'];
/** Kinds shown at once; the rest, seldom met, are one tap away. */
const usual = 9;

function meshWords(place: Place, choice: string): readonly [name: string, note: string] {
  return [meshNames[choice as MeshId | 'none'][unitIndex(place)], clearWords(place, choice)];
}

function clearWords(place: Place, choice: string): string {
  if (choice === 'none') return 'open';
  const { clear, kind } = meshes[choice as MeshId];
  const torn = tornBy(place, choice as MeshId);
  const tearing = torn.length > 0 ? `; torn by ${animalList(torn)}` : '';
  const opening =
    kind === 'solid' || clear.value === 0
      ? 'no opening while it is sound'
      : `clears ${lengthWords(clear.value, place.units)}`;
  return opening + tearing;
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
