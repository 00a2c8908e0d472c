/** What is typed into a field that is taken over when it is left, or refused with a sentence that stays until it is put right. */
import { useState } from 'react';

export type Read<T> = { readonly value: T } | { readonly sentence: string };

export interface Typed {
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onDone: () => void;
  readonly trouble: string | undefined;
}

/** `shown`: what stands there while nothing is typed. `read`: what the text means, or what is wrong with it. */
export function useTyped<T>(
  shown: string,
  read: (text: string) => Read<T>,
  take: (value: T) => void,
): Typed {
  const [typed, setTyped] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const onDone = () => {
    if (typed === undefined) return;
    const isSame = typed.trim() === shown;
    const meant = isSame ? undefined : read(typed.trim());
    if (meant && 'sentence' in meant) return setTrouble(meant.sentence);
    setTrouble(undefined);
    setTyped(undefined);
    if (meant) take(meant.value);
  };
  return { value: typed ?? shown, onChange: setTyped, onDone, trouble };
}
