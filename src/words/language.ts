/**
 * Texts of the screens in the language that is spoken. English stands in `screens/`; another language is a folder beside it, complete by
 * `TranslationOf`, made known by `addLanguage` before anything is drawn. Nothing outside src/words changes.
 */

type Texts = Readonly<Record<string, string | ((...given: never[]) => string)>>;

/** What a translation of these texts must have: the same names, each a text or a function of the same. */
export type TranslationOf<T> = {
  readonly [K in keyof T]: T[K] extends string ? string : T[K];
};

/** Translations by the name of the screens, as `spoken` gives it. */
export type Translations = Readonly<Record<string, Texts>>;

const languages = new Map<string, Translations>();
let current: Translations = {};

/** Makes a language known under its code: "de". */
export function addLanguage(code: string, translations: Translations): void {
  languages.set(code, translations);
}

/** From now on this language is spoken; one that nobody made known is English. */
export function speak(code: string): void {
  current = languages.get(code) ?? {};
}

/** The texts of some screens, in the language that is spoken when they are asked for; in English where a translation has none. */
export function spoken<const T extends Texts>(screens: string, english: T): TranslationOf<T> {
  return new Proxy(english as TranslationOf<T>, {
    get: (own, key) => Reflect.get(current[screens] ?? own, key) ?? Reflect.get(own, key),
  });
}
