/** Opens a place file. What is wrong with one is said, and then nothing was changed. */
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View, StyleSheet } from 'react-native';
import { largestBackup, openAnyFile } from '@/store/backup';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { fileSentence, unreadSentence } from '@/words/file-sentence';
import { placeText } from '@/words/screens/place';
import { notSavedWords } from '@/words/not-saved-words';

interface Props {
  readonly label: string;
  readonly onOpened: () => void;
}

export function OpenFileButton({ label, onOpened }: Props) {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<string>();
  const [news, setNews] = useState<string>();
  const take = async (file: File) => {
    // Looked at before it is read: a film must not be loaded into memory to be told it is none of ours.
    if (file.size > largestBackup) {
      setTrouble(fileSentence({ problem: 'too-large', bytes: file.size, limit: largestBackup }));
      return;
    }
    const read = await openAnyFile(client, await file.text());
    setTrouble('problem' in read ? fileSentence(read) : undefined);
    if ('problem' in read) return;
    if (read.unread.length > 0) setNews(unreadSentence(read.unread));
    else onOpened();
  };
  const ask = () => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'application/json,.json';
    input.onchange = () => {
      const [file] = input.files ?? [];
      if (file) take(file).catch((error: unknown) => setTrouble(notSavedWords(error)));
    };
    input.click();
  };
  return (
    <View style={styles.box}>
      {trouble && <Notice>{trouble}</Notice>}
      {news && (
        <>
          <Notice>{news}</Notice>
          <Button label={placeText.toTheYard} onPress={onOpened} />
        </>
      )}
      <Button look="plain" label={label} onPress={ask} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.s } });
