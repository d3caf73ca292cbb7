/**
 * The value of a record under a key that a person chose, or undefined. Never what the language itself keeps there
 * ("constructor", "toString").
 */
export const ownField = <T>(record: Readonly<Record<string, T>> | undefined, key: string): T | undefined =>
  record !== undefined && Object.hasOwn(record, key) ? record[key] : undefined;
