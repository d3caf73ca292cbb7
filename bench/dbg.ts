import { clients, DOORS, type Doors } from './trials/clients';
import { formatTreeFile } from '@/core/notation';
import { demoTree } from '../demo/demoTree';
const OLD: Doors = {
  board: (treeId) => [`/board/${treeId}?show=tree`],
  edit: (treeId, k, baseRevision, name, was) => ({
    path: `/api/trees/${treeId}/changes`,
    body: {
      baseRevision,
      diffs: [{ label: `edit ${k}`, changes: [{ kind: 'header', from: { ...H(treeId), name: was }, to: { ...H(treeId), name } }] }],
    },
  }),
};
const heads = new Map<string, object>();
const H = (id: string) => heads.get(id)!;
export async function main() {
  const seconds = 30;
  for (const [label, base, doors] of [
    ['new', 'http://127.0.0.1:4378', DOORS],
    ['old', 'http://127.0.0.1:4379', OLD],
    ['new', 'http://127.0.0.1:4378', DOORS],
  ] as const) {
    const ids: string[] = [];
    const names: string[] = [];
    for (let i = 0; i < 60; i++) {
      let text = formatTreeFile({ ...demoTree(), id: `load-${label}-${Date.now()}-${i}`, name: `T ${i}` });
      if (label === 'old') {
        const f = JSON.parse(text);
        f.version = 2;
        const { ruleCards, athletes, opponents, ...h } = f.tree;
        f.tree = {
          ...h,
          ruleSets: f.ruleCards,
          profiles: [
            ...f.athletes.map((p: object) => ({ ...p, of: 'athlete' })),
            ...f.opponents.map((p: object) => ({ ...p, of: 'opponent' })),
          ],
        };
        delete f.ruleCards;
        delete f.athletes;
        delete f.opponents;
        text = JSON.stringify(f);
      }
      const r = (await (await fetch(`${base}/api/trees`, { method: 'POST', body: text })).json()) as { treeId: string };
      ids.push(r.treeId);
      names.push(`T ${i}`);
      if (label === 'old')
        heads.set(r.treeId, (JSON.parse(await (await fetch(`${base}/api/trees/${r.treeId}/file`)).text()) as { tree: object }).tree);
    }
    console.log(label, JSON.stringify(await clients(base, doors, ids, names, seconds)));
  }
  return 0;
}
