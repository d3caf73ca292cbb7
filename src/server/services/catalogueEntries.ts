import type { GymEntryEdit } from '@/contracts/gymEntry';
import { err, groupBy, ok, type Result } from '@/core/base';
import { getCatalogue, withGymEntries, type Catalogue, type GymEntry } from '@/core/catalogue';
import { checkTree, describeTreeError, emptyTree } from '@/core/tree';
import type { Db } from '../db/client';
import { deleteGymEntry, manyGymEntries, putGymEntry } from '../queries/catalogueEntries';

/** Reads, as the pages use them. */
export { manyGymEntries as findGymEntries } from '../queries/catalogueEntries';

const keyOf = ({ kind, id }: Pick<GymEntry, 'kind' | 'id'>): string => `${kind} ${id}`;

/** Names that two entries would share; what the shipped catalogue already has twice is not the gym's doing. */
function sharedNames({ positions }: Catalogue): string[] {
  const named = positions.flatMap(({ position }) => [...new Set([position.name, ...(position.aliases ?? [])].map((name) => name.toLowerCase()))].map((name) => ({ name, of: position.name }))); // prettier-ignore
  return [...groupBy(named, (item) => item.name)]
    .filter(([, items]) => items.length > 1)
    .map(([name, items]) => `“${name}” would be the name of two entries, ${items.map((item) => item.of).join(' and ')}. Choose another, or change the one that is there.`); // prettier-ignore
}

/** Why the gym's catalogue cannot be so; empty = it can. */
function problemsOf(entries: readonly GymEntry[], put: readonly GymEntry[]): string[] {
  const { catalogue, leftOver } = withGymEntries(getCatalogue(), entries);
  const shipped = new Set([...getCatalogue().positions.map((entry) => entry.position.id), ...getCatalogue().transitions.map((entry) => entry.transition.id)]); // prettier-ignore
  const misnamed = put.filter((entry) => ('position' in entry && entry.position.id !== entry.id) || ('transition' in entry && entry.transition.id !== entry.id)); // prettier-ignore
  const covering = put.filter((entry) => ('position' in entry || 'transition' in entry) && shipped.has(entry.id));
  const asked = new Set(put.map(keyOf));
  const adrift = leftOver.filter((entry) => asked.has(keyOf(entry)));
  const checked = checkTree({
    ...emptyTree('catalogue', 'Catalogue'),
    positions: catalogue.positions.map((entry) => entry.position),
    transitions: catalogue.transitions.map((entry) => entry.transition),
  });
  return [
    ...misnamed.map((entry) => `The entry “${entry.id}” holds a record of another id.`),
    ...covering.map(
      (entry) => `“${entry.id}” is an entry of the shipped catalogue: change its words, or keep yours under an id of its own.`,
    ),
    ...adrift.map((entry) => `The catalogue has no entry “${entry.id}” to change, or not the places that it links.`),
    ...(checked.ok ? [] : checked.error.slice(0, 10).map(describeTreeError)),
    ...sharedNames(catalogue),
  ];
}

/** Puts and takes back entries, all or nothing; then all of the gym's entries, or sentences why not. The last writer of an entry wins. */
export async function editGymEntries(db: Db, gymId: string, { put, remove }: GymEntryEdit): Promise<Result<GymEntry[], readonly string[]>> {
  return db.begin(async (transaction) => {
    const tx = transaction as unknown as Db;
    // One edit at a time, so that two of them cannot give the same name away.
    await tx`select gym_id from gyms where gym_id = ${gymId} for update`;
    const gone = new Set([...put, ...remove].map(keyOf));
    const next = [...(await manyGymEntries(tx, gymId)).filter((entry) => !gone.has(keyOf(entry))), ...put];
    const problems = problemsOf(next, put);
    if (problems.length > 0) return err(problems);
    for (const entry of remove) await deleteGymEntry(tx, gymId, entry);
    for (const entry of put) await putGymEntry(tx, gymId, entry);
    return ok(await manyGymEntries(tx, gymId));
  }) as Promise<Result<GymEntry[], readonly string[]>>;
}
