import { findMatching } from '@/core/base';
import type { Option } from '@/ui/Combobox';

export interface Named {
  readonly key: string;
  readonly name: string;
}
const LISTED = 60;

/** For a list to pick from: what is meant by what is typed, the best first, and how many more fit. */
export function optionsAmong(items: readonly Named[], typed: string): { readonly options: readonly Option[]; readonly more: number } {
  const found = findMatching(items, typed, (item) => [item.name]);
  const options = found.slice(0, LISTED).map(({ item }) => ({ key: item.key, label: item.name }));
  return { options, more: found.length - options.length };
}
