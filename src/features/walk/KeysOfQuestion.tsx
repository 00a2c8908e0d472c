/** The keys of a question: one line that says there are some, or the list. */
import { View } from 'react-native';
import { KeyTable } from '@/ui/controls/KeyTable';
import { Txt } from '@/ui/controls/Txt';
import { questionKeys } from './use-question-keys';

export function KeysOfQuestion({ open }: { readonly open: boolean }) {
  if (!open) {
    return (
      <Txt kind="small" tone="ink2">
        ? lists the keys.
      </Txt>
    );
  }
  return (
    <View role="region" aria-label="Keys">
      <KeyTable keys={questionKeys} />
    </View>
  );
}
