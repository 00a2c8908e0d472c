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
  /** Called with `undefined` where it was emptied. */
  readonly onChange: (value: number | undefined) => void;
}

export function NumberField({ label, value, least, most, whole = false, onChange }: Props) {
  const typed = useTyped<number | undefined>(
    value === undefined ? '' : String(value),
    (text) => {
      if (text === '') return { value: undefined };
      const number = Number(text.replace(',', '.'));
      const fits = number >= least && number <= most && (!whole || Number.isInteger(number));
      return fits
        ? { value: number }
        : {
            sentence: editText.fromTo(
              whole ? editText.aWholeNumber : editText.aNumber,
              least,
              most,
            ),
          };
    },
    onChange,
  );
  return <Field label={label} {...typed} numeric />;
}
