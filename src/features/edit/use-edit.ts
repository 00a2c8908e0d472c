/** Changes from a screen: what could not be stored is said, and so is what was refused. */
import { useState } from 'react';
import type { Place } from '@/core/place/place';
import type { ChangeMade } from '@/core/records/change-made';
import type { ReadingMethod } from '@/core/records/walk';
import { useChanges, type Statement } from '@/store/use-changes';
import { notSavedWords } from '@/words/not-saved-words';

export interface Edit {
  readonly trouble: string | undefined;
  readonly setTrouble: (sentence: string | undefined) => void;
  /** `made`: what it is, for "Undo: …". Ends when it is stored: true; what could not be is said, and false. */
  readonly change: (made: ChangeMade, work: (place: Place) => Place) => Promise<boolean>;
  /** What the keeper says of something that a walk would measure. */
  readonly say: (
    made: ChangeMade,
    said: Statement | readonly Statement[],
    how?: ReadingMethod,
  ) => Promise<boolean>;
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
    change: (made, work) => wait(changePlace(made, work)),
    say: (made, said, how) =>
      wait(say(made, Array.isArray(said) ? said : [said as Statement], how)),
  };
}
