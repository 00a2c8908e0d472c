/** The photos of some items, and what can be done with them; what goes wrong is a sentence. */
import { photosText } from '@/words/screens/photos';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import {
  drawThumbs,
  keepPhoto,
  loadThumbs,
  NoPicture,
  photosKey,
  putBackPhoto,
  removePhoto,
  type Photo,
} from '@/store/photos';
import { notSavedWords } from '@/words/not-saved-words';

export interface ItemPhotos {
  /** Small ones, oldest first. */
  readonly thumbs: readonly Photo[];
  readonly inPlace: number;
  readonly isDamaged: boolean;
  readonly trouble: string | undefined;
  /** Asks for a picture, makes it small and keeps it under the item. */
  readonly add: (item: string) => Promise<void>;
  /** Gives what puts it back; `undefined` where it could not be taken away. */
  readonly remove: (photo: Photo) => Promise<(() => Promise<unknown>) | undefined>;
}

export function usePhotos(placeId: string, items: readonly string[]): ItemPhotos {
  const client = useQueryClient();
  const ofPlace = photosKey(placeId);
  const { data = { thumbs: [], inPlace: 0 }, error } = useQuery({
    queryKey: [...ofPlace, ...items],
    queryFn: () => loadThumbs(placeId, items),
    staleTime: Infinity,
    networkMode: 'always',
    retry: false,
  });
  const [trouble, setTrouble] = useState<string>();
  // Fetched beside the screen, and there when the button is pressed: browsers open a file chooser only on a press.
  useEffect(() => {
    picker().catch(() => undefined);
  }, []);
  const { inPlace } = data;
  // Those that came in a file have no small picture until somebody looks.
  useEffect(() => {
    if (inPlace === 0) return;
    drawThumbs(placeId)
      .then(async (many) => {
        if (many > 0) await client.invalidateQueries({ queryKey: photosKey(placeId) });
      })
      .catch((wrong: unknown) => setTrouble(notSavedWords(wrong)));
  }, [client, placeId, inPlace]);
  const after = async <T>(work: Promise<T>): Promise<T | undefined> => {
    setTrouble(undefined);
    try {
      return await work;
    } catch (wrong) {
      setTrouble(
        wrong instanceof NoPicture ? photosText.thisFileIsNoPicture : notSavedWords(wrong),
      );
      return undefined;
    } finally {
      await client.invalidateQueries({ queryKey: ofPlace });
    }
  };
  return {
    ...data,
    isDamaged: error !== null,
    trouble,
    add: async (item) => {
      const { launchImageLibraryAsync } = await picker();
      const picked = await launchImageLibraryAsync({ mediaTypes: ['images'] })
        // It looks at the file itself, and gives up on what is no picture.
        .catch(() => ({ assets: [{ uri: '', width: 0, height: 0 }] }));
      const [asset] = picked.assets ?? [];
      if (asset) await after(keepPhoto(placeId, item, asset));
    },
    remove: async (photo) => {
      const removed = await after(removePhoto(photo));
      return removed && (() => after(putBackPhoto(removed)));
    },
  };
}

const picker = () => import('expo-image-picker');
