/** A small drawing of what hands, tape or eyes do for a reading. The words beside it say the same. */
import Svg from 'react-native-svg';
import type { AttributeId } from '@/core/attributes';
import { attributeDrawings } from '../attribute-drawings';
import { sheet } from './parts';
import { pulled } from './shapes';

interface Props {
  readonly attribute: AttributeId;
  /** Of an opening: what kind it is, where that changes what hands do. */
  readonly opening?: keyof typeof pulled;
  readonly width?: number;
}

export function HandsDrawing({ attribute, opening = 'door', width = 96 }: Props) {
  const { hands } = attributeDrawings[attribute];
  return (
    <Svg
      width={width}
      height={(width * sheet.height) / sheet.width}
      viewBox={`0 0 ${sheet.width} ${sheet.height}`}
      aria-hidden
    >
      {hands === 'by-opening' ? pulled[opening] : hands}
    </Svg>
  );
}
