/** A day with its year: taken over when the field is left; emptied, it is not said. */
import { isDay } from '@/core/schema/day';
import { Field } from '@/ui/controls/Field';
import { editText } from '@/words/screens/edit';
import { useTyped } from './use-typed';

interface Props {
  readonly label: string;
  /** YYYY-MM-DD */
  readonly day: string | undefined;
  readonly onChange: (day: string | undefined) => void;
}

export function DayField({ label, day, onChange }: Props) {
  const typed = useTyped<string | undefined>(
    day ?? '',
    (text) => {
      if (text === '') return { value: undefined };
      return isDay(text) ? { value: text } : { sentence: editText.isNoDay(text) };
    },
    onChange,
  );
  return <Field label={label} {...typed} />;
}
