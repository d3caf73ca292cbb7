import { useEffect, type Dispatch } from 'react';
import { idToAddress } from '@/contracts/address';
import type { Catalogue } from '@/core/catalogue';
import { searchTree, type Hit } from '@/core/search';
import type { TreeDocument } from '@/core/tree';
import { Caret, type CaretOption } from '@/ui/Caret';
import type { BoardAction } from '../boardState';
import { findOptions } from '../find';

interface Props {
  /** The tree as it is looked at. */
  readonly tree: TreeDocument;
  /** null = not fetched yet. */
  readonly catalogue: Catalogue | null;
  readonly dispatch: Dispatch<BoardAction>;
  /** To another screen. */
  readonly onGo: (address: string) => void;
  readonly onClose: () => void;
}

type Found = CaretOption & { readonly hit: Hit };

const NOTE: { readonly [K in Hit['kind']]: string } = {
  place: 'place',
  show: 'he shows it at',
  move: 'from',
  mistake: 'mistake of',
  checkpoint: 'checkpoint of',
  note: 'told of',
  person: 'person',
  catalogue: 'catalogue',
};
const noteOf = ({ kind, of }: Hit): string => (of === '' ? NOTE[kind] : kind === 'catalogue' ? `catalogue, ${of}` : `${NOTE[kind]} ${of}`);

/** A line to find what the tree says, and what the catalogue knows; Enter goes to the very place. */
export function FindLine({ tree, catalogue, dispatch, onGo, onClose }: Props) {
  // What is searched is made ready as soon as the line is there, not at the first key.
  useEffect(() => {
    const timer = setTimeout(() => searchTree(tree, catalogue, 'a'));
    return () => clearTimeout(timer);
  }, [tree, catalogue]);
  const optionsFor = (typed: string): Found[] => {
    if (typed.trim() === '')
      return findOptions(tree, '').map((option) => ({
        ...option,
        hit: { kind: 'place', text: option.label, of: '', position: option.key, at: null },
      }));
    return searchTree(tree, catalogue, typed).map((hit, i) => ({ key: `${i} ${hit.text}`, label: hit.text, note: noteOf(hit), hit }));
  };
  const go = ({ hit }: Found): void => {
    onClose();
    const address = idToAddress(tree.id);
    if (hit.kind === 'person') onGo(`/rules/${address}?at=${encodeURIComponent(hit.at ?? '')}`);
    else if (hit.kind === 'catalogue') onGo(`/catalogue/${address}?at=${encodeURIComponent(hit.position ?? '')}`);
    else dispatch({ type: 'select', position: hit.position, asked: hit.at });
  };
  return (
    <Caret
      lead="Find"
      label="Find in this tree"
      hint="a place, a move, a word of a note"
      optionsFor={optionsFor}
      onPick={go}
      onClose={onClose}
    />
  );
}
