/** The keys of a question: one line that says there are some, or the list. */
import { walkText } from '@/words/screens/walk';
import { View } from 'react-native';
import { KeyTable } from '@/ui/controls/KeyTable';
import { Txt } from '@/ui/controls/Txt';
import { questionKeys } from './use-question-keys';

export function KeysOfQuestion({ open }: { readonly open: boolean }) {
  if (!open) {
    return (
      <Txt kind="small" tone="ink2">
        {walkText.listsTheKeys}
      </Txt>
    );
  }
  return (
    <View role="region" aria-label={walkText.keys}>
      <KeyTable keys={questionKeys} />
    </View>
  );
}
