import { useState } from 'react';
import { branchAt, isOneSided, mirrorPart, mirrorTree, ONE_SIDE_TAG } from '@/core/lens';
import { indexOf, withTransition, type TreeDocument } from '@/core/tree';
import { sayMove, plural } from '@/core/words';
import { buttonClass } from '@/ui/Field';
import type { Subject } from './subject';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly subject: Subject;
  readonly onEdit: (label: string, change: (tree: TreeDocument) => TreeDocument) => void;
}

const PARTS = { this: 'this alone', branch: 'this and all that hangs on it', tree: 'the whole tree' } as const;
type Part = keyof typeof PARTS;

/** What of the tree is turned round. A move's branch begins where it lands. */
function turned(tree: TreeDocument, { kind, id }: Subject, part: Part) {
  if (part === 'tree') return mirrorTree(tree);
  const transition = kind === 'transition' ? indexOf(tree).transitions.get(id) : undefined;
  const own = { positions: new Set(transition ? [] : [id]), transitions: new Set(transition ? [id] : []) };
  if (part === 'this') return mirrorPart(tree, own);
  const branch = branchAt(tree, transition ? transition.to : id);
  return mirrorPart(tree, { positions: branch.positions, transitions: new Set([...branch.transitions, ...own.transitions]) });
}

/** Writes a move, a branch or the tree for the other side: words, limbs, sides and drawings; what is bound to a side stays. */
export function OtherSide({ tree, subject, onEdit }: Props) {
  const [part, setPart] = useState<Part>('this');
  const [done, setDone] = useState<string | null>(null);
  const { skipped } = turned(tree, subject, part);
  const index = indexOf(tree);
  const better = (side: 'left' | 'right') => (tree.profiles ?? []).filter((item) => item.betterSide === side).map((item) => item.name);
  const bind = (on: boolean) =>
    onEdit(`${subject.title}: ${on ? 'one side only' : 'both sides'}`, (now) => {
      const transition = now.transitions.find((item) => item.id === subject.id);
      if (!transition) return now;
      const others = (transition.tags ?? []).filter((tag) => tag !== ONE_SIDE_TAG);
      const tags = on ? [...others, ONE_SIDE_TAG] : others;
      return withTransition(now, { ...transition, tags: tags.length > 0 ? tags : undefined });
    });
  const write = () => {
    onEdit(`${subject.title}: ${PARTS[part]} written for the other side`, (now) => turned(now, subject, part).tree);
    setDone(`${PARTS[part]} is now written for the other side; once more turns it back.`);
  };
  return (
    <section aria-label="The other side" className="grid gap-1 content-start">
      <h3 className="text-[17px]">The other side</h3>
      <p className="text-soft">“Other side” above only shows it. To keep it: left and right change in words, limbs and sides.</p>
      {subject.transition && (
        <label className="flex min-h-8 items-center gap-2">
          <input type="checkbox" checked={isOneSided(subject.transition)} onChange={(event) => bind(event.target.checked)} />
          This move belongs to one side and is never turned
        </label>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <Select
          label="Write for the other side"
          value={part}
          options={(Object.keys(PARTS) as Part[]).map((key) => [key, PARTS[key]] as const)}
          onChange={(next) => {
            if (next) setPart(next);
            setDone(null);
          }}
        />
        <button type="button" className={buttonClass} onClick={() => void write()}>
          Turn it round
        </button>
      </div>
      {done && <p role="status">{done}</p>}
      {skipped.length > 0 ? (
        <p>
          Stays as it is, {plural(skipped.length, 'move')} of one side only:{' '}
          {skipped.map((id) => sayMove(index.transitions.get(id)!)).join('; ')}.
        </p>
      ) : (
        <p className="text-soft">Nothing here belongs to one side, so all of it turns.</p>
      )}
      {(['left', 'right'] as const).map((side) =>
        better(side).length > 0 ? (
          <p key={side}>
            Better on the {side}: {better(side).join(', ')}.
          </p>
        ) : null,
      )}
    </section>
  );
}
