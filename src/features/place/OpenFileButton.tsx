/** Opens a place file. What is wrong with one is said, and then nothing was changed. */
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View, StyleSheet } from 'react-native';
import { largestBackup, openAnyFile } from '@/store/backup';
import type { IsHere, WhenHere } from '@/store/open-file';
import { Button } from '@/ui/controls/Button';
import { Notice } from '@/ui/controls/Notice';
import { space } from '@/ui/theme/tokens';
import { fileSentence, unreadSentence } from '@/words/file-sentence';
import { cameSentence } from '@/words/join-words';
import { placeText } from '@/words/screens/place';
import { notSavedWords } from '@/words/not-saved-words';
import { JoinOffer } from './JoinOffer';

/** A file of a place that is here, and is not the same: the keeper says what becomes of both. */
type Clash = IsHere & { readonly bytes: Uint8Array };

interface Props {
  readonly label: string;
  readonly onOpened: () => void;
}

export function OpenFileButton({ label, onOpened }: Props) {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState<string>();
  const [news, setNews] = useState<string>();
  const [clash, setClash] = useState<Clash>();
  const open = async (bytes: Uint8Array, whenHere?: WhenHere) => {
    setClash(undefined);
    const read = await openAnyFile(client, bytes, whenHere);
    setTrouble('problem' in read ? fileSentence(read) : undefined);
    if ('problem' in read) return;
    if ('isHere' in read) setClash({ ...read, bytes });
    else if (read.came) setNews(cameSentence(read.came, 'done'));
    else if (read.unread.length > 0) setNews(unreadSentence(read.unread));
    else onOpened();
  };
  const take = async (file: File) => {
    setNews(undefined);
    // Looked at before it is read: a film must not be loaded into memory to be told it is none of ours.
    if (file.size > largestBackup) {
      setTrouble(fileSentence({ problem: 'too-large', bytes: file.size, limit: largestBackup }));
      return;
    }
    await open(new Uint8Array(await file.arrayBuffer()));
  };
  const tell = (error: unknown) => setTrouble(notSavedWords(error));
  const ask = () => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'application/json,.json,application/zip,.zip';
    input.onchange = () => {
      const [file] = input.files ?? [];
      if (file) take(file).catch(tell);
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
      {clash && (
        <JoinOffer
          isHere={clash.isHere}
          onSay={(whenHere) => void open(clash.bytes, whenHere).catch(tell)}
          onLeave={() => setClash(undefined)}
        />
      )}
      <Button look="plain" label={label} onPress={ask} />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: space.s } });
