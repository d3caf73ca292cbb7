'use client';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { StaleDialog } from '@/client/store/StaleDialog';
import { useDocument } from '@/client/store/useDocument';
import { UndoButtons } from '@/client/UndoButtons';
import { useUndoKeys } from '@/client/useUndoKeys';
import { treeInGym, type GymBook } from '@/core/people';
import { indexOf, type TreeDocument } from '@/core/tree';
import { screenLinks } from '@/client/screenLinks';
import { StoredStrip } from '@/ui/StoredStrip';
import { Desk, type Look } from './Desk';
import { DeskList } from './DeskList';
import { subjectOf, type SubjectId } from './subject';

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  /** The gym's cards and people. */
  readonly book: GymBook;
  /** A move, or else a place, to begin with. */
  readonly at: string | null;
  readonly place: string | null;
}

/** What is on the desk when nothing was asked for that is there: the first move with steps, else the first there is. */
function firstOf(tree: TreeDocument, { at, place }: Pick<Props, 'at' | 'place'>): SubjectId | null {
  if (at !== null && indexOf(tree).transitions.has(at)) return { kind: 'transition', id: at };
  if (place !== null && indexOf(tree).positions.has(place)) return { kind: 'position', id: place };
  const transition = tree.transitions.find((item) => item.steps) ?? tree.transitions[0];
  if (transition) return { kind: 'transition', id: transition.id };
  return tree.positions[0] ? { kind: 'position', id: tree.positions[0].id } : null;
}

/** Who holds what with what, step by step: one move or place at a time, chosen from the tree's. */
export function GripsScreen({ tree: opened, revision, book, at, place }: Props) {
  const { document, state, stored, undoes, redoes, edit, undo, redo, session } = useDocument<TreeDocument>('tree', {
    document: opened,
    revision,
  });
  const tree = useMemo(() => treeInGym(document, book), [document, book]);
  const router = useRouter();
  const [chosen, setChosen] = useState(() => firstOf(opened, { at, place }));
  const [look, setLook] = useState<Look>({ isFlipped: false, isBare: false, isTurned: null });
  const find = useRef<HTMLInputElement>(null);
  useUndoKeys({ onUndo: undo, onRedo: redo, onFind: () => find.current?.focus() });
  const subject = chosen && subjectOf(tree, chosen);
  return (
    <div className="flex h-dvh flex-col print:block print:h-auto">
      <StoredStrip
        title={tree.name}
        links={screenLinks(tree.id, 'Grips')}
        stored={stored}
        onRead={() => session.dispatch({ type: 'read' })}
      >
        <UndoButtons undoes={undoes} redoes={redoes} undo={undo} redo={redo} />
      </StoredStrip>
      <main
        id="content"
        tabIndex={-1}
        className="outline-none grid min-h-0 flex-1 grid-cols-[236px_minmax(0,1fr)] max-lg:grid-cols-1 max-lg:overflow-auto print:block"
      >
        <DeskList tree={tree} chosen={chosen} findRef={find} onPick={setChosen} />
        <div className="overflow-auto p-5 print:overflow-visible print:p-0">
          {subject ? (
            <Desk key={`${subject.kind} ${subject.id}`} tree={tree} subject={subject} look={look} onLook={setLook} onEdit={edit} />
          ) : (
            <p>Draw a place and a move on the board first; their grips are then written here, step by step.</p>
          )}
        </div>
      </main>
      <StaleDialog what="tree" state={state} session={session} onCopied={(id) => router.push(`/grips/${idToAddress(id)}`)} />
    </div>
  );
}
