/** A plain number within limits: taken over when the field is left. */
import { editText } from '@/words/screens/edit';
import { Field } from '@/ui/controls/Field';
import { useTyped } from './use-typed';

interface Props {
  readonly label: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  /** Whole numbers only. */
  readonly whole?: boolean;
  /** What else stands in its way, in a sentence: what was typed stays. */
  readonly refuse?: (value: number) => string | undefined;
  /** Called with `undefined` where it was emptied. */
  readonly onChange: (value: number | undefined) => void;
}

export function NumberField({ label, value, least, most, whole = false, refuse, onChange }: Props) {
  const typed = useTyped<number | undefined>(
    value === undefined ? '' : String(value),
    (text) => {
      if (text === '') return { value: undefined };
      const number = Number(text.replace(',', '.'));
      const fits = number >= least && number <= most && (!whole || Number.isInteger(number));
      if (!fits) {
        const what = whole ? editText.aWholeNumber : editText.aNumber;
        return { sentence: editText.fromTo(what, least, most) };
      }
      const sentence = refuse?.(number);
      return sentence === undefined ? { value: number } : { sentence };
    },
    onChange,
  );
  return <Field label={label} {...typed} numeric />;
}
