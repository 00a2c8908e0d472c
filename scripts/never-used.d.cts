/** Types of never-used.cjs. */
export const isNeverUsed: (path: string) => boolean;
export const useOnly: Readonly<Record<string, string>>;
