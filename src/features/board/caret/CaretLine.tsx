'use client';
import type { Dispatch } from 'react';
import { Caret, type CaretOption } from '@/ui/Caret';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayMove, sayValue } from '@/core/words';
import type { Catalogue } from '@/core/catalogue';
import type { BoardAction, Caret as CaretState } from '../boardState';
import {
  answerOptions,
  entriesFor,
  landOn,
  landOnEntry,
  landOnNew,
  nextBroken,
  pickAnswer,
  takeGuard,
  typeGuard,
  typeValue,
} from './branch';
import { landingOptions } from './landing';

interface Props {
  readonly tree: TreeDocument;
  readonly caret: CaretState;
  readonly catalogue: Catalogue | null;
  readonly dispatch: Dispatch<BoardAction>;
}

/** The guard as typed first, then the catalogue's of that name. */
function guardOptions(tree: TreeDocument, catalogue: Catalogue | null, typed: string): CaretOption[] {
  if (typed.trim() === '') return [];
  const entries = entriesFor(tree, catalogue, typed).map(({ position }) => ({ key: position.id, label: position.name, note: 'catalogue' }));
  return [{ key: 'new', label: typed.trim(), isNew: true }, ...entries];
}

/** The open caret: which sentence is typed, and what its Enter does. */
export function CaretLine({ tree, caret, catalogue, dispatch }: Props) {
  const close = () => dispatch({ type: 'caret', caret: null });
  const next = () => {
    const after = 'value' in caret && caret.value !== null ? { position: caret.position, value: caret.value } : null;
    dispatch({ type: 'caret', caret: nextBroken(tree, after) });
  };
  const nameOf = (id: string): string => positionOf(indexOf(tree), id).name;
  const key = JSON.stringify(caret);
  switch (caret.kind) {
    case 'guard':
      return (
        <Caret
          key={key}
          lead={tree.owner === 'passer' ? 'He shows' : 'I hold'}
          label={tree.owner === 'passer' ? 'Name the guard he shows' : 'Name the guard I hold'}
          hint="closed guard, knee shield …"
          optionsFor={(typed) => guardOptions(tree, catalogue, typed)}
          onPick={(picked, typed) => {
            const entry = entriesFor(tree, catalogue, typed).find((item) => item.position.id === picked.key);
            dispatch(entry ? takeGuard(tree, entry) : typeGuard(tree, typed.trim()));
          }}
          onClose={close}
        />
      );
    case 'value':
      return (
        <Caret
          key={key}
          said={nameOf(caret.position)}
          lead="he"
          label="What he does or shows there"
          hint="frames / turns away, or his hips: flat / turned in"
          onText={(text) => dispatch(typeValue(tree, caret.position, text))}
          onClose={close}
          onNext={next}
        />
      );
    case 'answer':
    case 'fall': {
      const mine = caret.kind === 'answer';
      return (
        <Caret
          key={key}
          said={`${nameOf(caret.position)}${caret.value === null ? '' : `: ${sayValue(positionOf(indexOf(tree), caret.position), caret.value)}`}`}
          lead={mine ? 'I' : 'he'}
          label={mine ? 'What I do then' : 'What he does if I fail'}
          hint={mine ? 'cut the knee across …' : 'sweeps me, gets the hook back …'}
          optionsFor={(typed) =>
            answerOptions(tree, caret, typed, catalogue).map(({ key: id, name, note }) => ({
              key: id,
              label: name,
              note,
              isNew: id === 'new',
            }))
          }
          onPick={(picked, typed) => {
            const option = answerOptions(tree, caret, typed, catalogue).find((item) => item.key === picked.key);
            if (option) dispatch(pickAnswer(tree, caret, option, catalogue));
          }}
          onClose={close}
          {...(mine ? { onNext: next } : {})}
        />
      );
    }
    case 'landing':
      return (
        <Caret
          key={key}
          said={sayMove(caret)}
          lead={caret.actor === 'owner' ? 'lands on' : 'he gets to'}
          label="Where it lands: a position of this tree, or a new one"
          hint="type a name"
          optionsFor={(typed) =>
            landingOptions(tree, caret, typed, catalogue).map((option) => ({
              key: option.key,
              label: option.name,
              note: option.note,
              isNew: option.landing !== null,
            }))
          }
          onPick={(picked, typed) => {
            const option = landingOptions(tree, caret, typed, catalogue).find((item) => item.key === picked.key);
            if (option?.position) dispatch(landOn(tree, caret, option.position));
            else if (option?.entry) dispatch(landOnEntry(tree, caret, option.entry));
            else if (option?.landing) dispatch(landOnNew(tree, caret, option.name, option.landing));
          }}
          onClose={close}
        />
      );
  }
}
