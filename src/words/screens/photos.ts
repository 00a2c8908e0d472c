/** What the screens of `photos` say. */
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { count } from '../names';

export const photosText = spoken('photos', {
  thisFileIsNoPicture: 'This file is no picture that this browser can show. Nothing was kept.',
  photos: 'Photos',
  aPhotoOfThisPlace:
    'A photo of this place is damaged or was kept by a newer Rookle. All are left as they are.',
  takeAway: 'Take away',
  takeThePhotoOfAway: (date: string) => `Take the photo of ${dayWords(date)} away`,
  putThePhotoBack: 'Put the photo back',
  addAPhoto: 'Add a photo',
  madeSmallAndKeptIn: (room: string) => `Made small and kept in this browser only. ${room}`,
  ofThisPlace: (many: number) => `${count(many, 'photo')} of this place.`,
  photoOf: (name: string, date: string, isLarge: boolean) =>
    isLarge
      ? `Make the photo of ${name}, ${dayWords(date)}, small again`
      : `Show the photo of ${name}, ${dayWords(date)}, larger`,
  large: (name: string, when: string) => `${name}, ${when}, large`,
  smaller: 'Make it small again',
  cannotBeRead: 'This photo cannot be read. It is left as it is.',
});
