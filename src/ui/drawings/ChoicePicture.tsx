/** What an answer looks like, small; nothing where it is words only ("yes"). */
import type { ReactNode } from 'react';
import Svg from 'react-native-svg';
import type { AttributeId } from '@/core/attributes';
import { answerSize } from './answer-pictures';
import { attributeDrawings, type AttributeDrawing } from './attribute-drawings';

interface Props {
  readonly attribute: AttributeId;
  readonly choice: string;
}

export function ChoicePicture({ attribute, choice }: Props) {
  const drawn = pictureOf(attributeDrawings[attribute], choice);
  if (!drawn) return null;
  return (
    <Svg {...answerSize} aria-hidden>
      {drawn}
    </Svg>
  );
}

/** Choices reach us as text; one that has no picture is words only. */
function pictureOf({ answers }: AttributeDrawing, choice: string): ReactNode {
  if (typeof answers === 'function') return answers(choice as never);
  return typeof answers === 'object' ? (Reflect.get(answers, choice) as ReactNode) : undefined;
}
