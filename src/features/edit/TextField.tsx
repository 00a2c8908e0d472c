/** Words of the keeper's own: taken over when the field is left. */
import { editText } from '@/words/screens/edit';
import { Field } from '@/ui/controls/Field';
import { useTyped } from './use-typed';

interface Props {
  readonly label: string;
  readonly text: string;
  readonly most: number;
  /** Whether it may be empty. */
  readonly optional?: boolean;
  readonly onChange: (text: string) => void;
}

export function TextField({ label, text, most, optional = false, onChange }: Props) {
  const typed = useTyped(
    text,
    (next) => {
      if (next === '' && !optional) return { sentence: editText.itNeedsAName };
      return next.length > most
        ? { sentence: editText.atMostLettersThisHas(most, next.length) }
        : { value: next };
    },
    onChange,
  );
  return <Field label={label} {...typed} />;
}
