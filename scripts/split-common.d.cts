export function splitCommon(parts: {
  readonly files: ReadonlyMap<string, string>;
  readonly common: string;
  readonly first: readonly string[];
}): { readonly now: string; readonly later: string; readonly alone: readonly string[] };
