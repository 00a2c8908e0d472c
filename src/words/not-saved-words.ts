/** A change that could not be stored, in plain words. */
interface Trouble {
  readonly trouble?: 'full' | 'refused';
}

/** Anything thrown while saving; what was kept before stays kept. */
export function notSavedWords(error: unknown): string {
  const { trouble } = (error ?? {}) as Trouble;
  return trouble === 'full'
    ? 'Not saved: this browser’s storage is full. Free some room and press again; everything before this is safe.'
    : 'Not saved: this browser refused to store it. Press again; everything before this is safe.';
}

export const changedSinceWords = 'It was changed again since, in another tab. Nothing was undone.';
