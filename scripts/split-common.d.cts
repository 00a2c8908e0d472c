export function splitCommon(parts: {
  readonly files: ReadonlyMap<string, string>;
  readonly common: string;
  readonly stages: readonly (readonly string[])[];
}): {
  readonly parts: readonly string[];
  readonly needs: ReadonlyMap<string, readonly number[]>;
};

export function routeFiles(entry: string): ReadonlyMap<string, string>;

export function addressesOf(
  routes: ReadonlyMap<string, string>,
): readonly (readonly [pattern: string, file: string])[];
