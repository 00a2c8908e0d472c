/** A length in the keeper's units: taken over when the field is left, refused in a sentence where it cannot be. */
import { useState } from 'react';
import { isLength, readLength, type EnteredLength, type Units } from '@/core/walk/length-entry';
import { Field } from '@/ui/controls/Field';
import { lengthWords } from '@/words/length-words';
import { lengthSentence } from '@/words/problem-sentence';

interface Props {
  readonly label: string;
  /** mm; absent: not known. */
  readonly mm: number | undefined;
  /** As it was typed, where that is known. */
  readonly entered?: string | undefined;
  readonly units: Units;
  readonly longest: number;
  readonly onChange: (length: EnteredLength) => void;
}

export function LengthField({ label, mm, entered, units, longest, onChange }: Props) {
  const shown = entered ?? (mm === undefined ? '' : lengthWords(Math.round(mm * 10) / 10, units));
  const [typed, setTyped] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const take = () => {
    if (typed === undefined || typed.trim() === shown) return;
    const read = readLength(typed, units, longest);
    if (!isLength(read)) {
      setTrouble(lengthSentence(read, units));
      return;
    }
    setTrouble(undefined);
    setTyped(undefined);
    onChange(read);
  };
  return (
    <Field
      label={label}
      value={typed ?? shown}
      onChange={setTyped}
      onDone={take}
      trouble={trouble}
    />
  );
}
