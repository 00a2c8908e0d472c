/** The photos of a place, and what can be done with them; what goes wrong is a sentence. */
import { photosText } from '@/words/screens/photos';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import {
  keepPhoto,
  loadPhotos,
  NoPicture,
  photosKey,
  removePhoto,
  writePhoto,
  type Photo,
} from '@/store/photos';
import { notSavedWords } from '@/words/not-saved-words';

export interface PlacePhotos {
  readonly photos: readonly Photo[];
  readonly isDamaged: boolean;
  readonly trouble: string | undefined;
  /** Asks for a picture, makes it small and keeps it under the item. */
  readonly add: (item: string) => Promise<void>;
  readonly remove: (photo: Photo) => Promise<void>;
  readonly putBack: (photo: Photo) => Promise<void>;
}

export function usePhotos(placeId: string): PlacePhotos {
  const client = useQueryClient();
  const queryKey = photosKey(placeId);
  const { data = [], error } = useQuery({
    queryKey,
    queryFn: () => loadPhotos(placeId),
    staleTime: Infinity,
    networkMode: 'always',
    retry: false,
  });
  const [trouble, setTrouble] = useState<string>();
  // Fetched beside the screen, and there when the button is pressed: browsers open a file chooser only on a press.
  useEffect(() => {
    picker().catch(() => undefined);
  }, []);
  const after = async (work: Promise<unknown>) => {
    setTrouble(undefined);
    try {
      await work;
    } catch (wrong) {
      setTrouble(
        wrong instanceof NoPicture ? photosText.thisFileIsNoPicture : notSavedWords(wrong),
      );
    }
    await client.invalidateQueries({ queryKey });
  };
  return {
    photos: data,
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
    remove: (photo) => after(removePhoto(photo)),
    putBack: (photo) => after(writePhoto(photo)),
  };
}

const picker = () => import('expo-image-picker');
