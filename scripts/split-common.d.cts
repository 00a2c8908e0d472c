export function splitCommon(parts: {
  readonly files: ReadonlyMap<string, string>;
  readonly common: string;
  readonly stages: readonly (readonly string[])[];
}): {
  readonly parts: readonly string[];
  readonly needs: ReadonlyMap<string, readonly number[]>;
};
