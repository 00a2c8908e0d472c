/** A length in the keeper's units: taken over when the field is left, refused in a sentence where it cannot be. */
import { isLength, readLength, type EnteredLength } from '@/core/walk/length-entry';
import { type Units } from '@/core/place/place';
import { Field } from '@/ui/controls/Field';
import { lengthWords } from '@/words/length-words';
import { lengthSentence } from '@/words/problem-sentence';
import { useTyped } from './use-typed';

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
  const typed = useTyped(
    shown,
    (text) => {
      const read = readLength(text, units, longest);
      return isLength(read) ? { value: read } : { sentence: lengthSentence(read, units) };
    },
    onChange,
  );
  return <Field label={label} {...typed} />;
}
