/** Why a gym's own entries of the catalogue cannot be so. */
export const sayCatalogueProblem = {
  misnamed: (id: string): string => `The entry “${id}” holds a record of another id.`,
  covering: (id: string): string => `“${id}” is an entry of the shipped catalogue: change its words, or keep yours under an id of its own.`,
  adrift: (id: string): string => `The catalogue has no entry “${id}” to change, or not the places that it links.`,
  sharedName: (name: string, entries: readonly string[]): string =>
    `“${name}” would be the name of two entries, ${entries.join(' and ')}. Choose another, or change the one that is there.`,
};
