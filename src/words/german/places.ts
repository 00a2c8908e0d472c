/** The places' screen in German: the pattern of a second language. */
import type { TranslationOf } from '../language';
import type { placesText } from '../screens/places';

export const ortsTexte: TranslationOf<typeof placesText> = {
  yourPlaces: 'Deine Plätze',
  demoPlaces: 'Beispiele',
  scenesOfOurOwnInvention: 'Frei erfundene Höfe zum Umsehen. Dort wohnt niemand.',
  asItBegan: (name) => `${name}: wie am Anfang`,
  takenAway: 'Weggenommen',
  bringBack: (name) => `${name} zurückholen`,
  openNow: (name) => `${name} (gerade offen)`,
  open: (name) => `${name} öffnen`,
  yesIsGoneForGood: (name) => `Ja, ${name} ist für immer fort`,
  removeForGood: (name) => `${name} für immer entfernen`,
  place: 'Platz',
  places: 'Plätze',
  eachIsKeptForItself: 'Jeder wird für sich aufbewahrt, nur in diesem Browser.',
  beginAnotherPlace: 'Noch einen Platz anlegen',
  lookAt: (name) => `${name} ansehen`,
  couldNotBeFetched: 'Es ließ sich nicht holen: Ist ein Netz da? Nichts wurde geändert.',
  copy: (name) => `${name} kopieren`,
};
