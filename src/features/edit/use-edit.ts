/** Changes from a screen: what could not be stored is said, and so is what was refused. */
import { useState } from 'react';
import type { Place } from '@/core/place/place';
import { useChanges, type Said } from '@/store/use-changes';
import { notSavedWords } from '@/words/not-saved-words';

export interface Edit {
  readonly trouble: string | undefined;
  readonly setTrouble: (sentence: string | undefined) => void;
  /** `label`: what it is, for "Undo: …". Ends when it is stored: true; what could not be is said, and false. */
  readonly change: (label: string, work: (place: Place) => Place) => Promise<boolean>;
  /** What the keeper says of something that a walk would measure. */
  readonly say: (label: string, said: Said | readonly Said[]) => Promise<boolean>;
}

export function useEdit(): Edit {
  const { changePlace, say } = useChanges();
  const [trouble, setTrouble] = useState<string>();
  const wait = async (done: Promise<unknown>): Promise<boolean> => {
    setTrouble(undefined);
    try {
      await done;
      return true;
    } catch (error) {
      setTrouble(notSavedWords(error));
      return false;
    }
  };
  return {
    trouble,
    setTrouble,
    change: (label, work) => wait(changePlace(label, work)),
    say: (label, said) => wait(say(label, Array.isArray(said) ? said : [said as Said])),
  };
}
