'use client';
import type { Dispatch } from 'react';
import { Caret } from '@/ui/Caret';
import { sayHis, sayMine, type TreeDocument } from '@/core/tree';
import type { BoardAction, Caret as CaretState } from './boardState';
import { landingCaret, landingOptions, landOn, landOnNew, nextBroken, typeGuard, typeValue } from './branch';

interface Props {
  readonly tree: TreeDocument;
  readonly caret: CaretState;
  readonly dispatch: Dispatch<BoardAction>;
}

/** The open caret: which sentence is typed, and what its Enter does. */
export function CaretLine({ tree, caret, dispatch }: Props) {
  const close = () => dispatch({ type: 'caret', caret: null });
  const next = () => {
    const after = 'value' in caret && caret.value !== null ? { position: caret.position, value: caret.value } : null;
    dispatch({ type: 'caret', caret: nextBroken(tree, after) });
  };
  const key = JSON.stringify(caret);
  switch (caret.kind) {
    case 'guard':
      return (
        <Caret
          key={key}
          lead="He shows"
          label="Name the guard he shows"
          hint="closed guard, knee shield …"
          onText={(text) => dispatch(typeGuard(tree, text))}
          onClose={close}
        />
      );
    case 'value':
      return (
        <Caret
          key={key}
          lead="he"
          label="What he does or shows there"
          hint="frames, turns away …"
          onText={(text) => dispatch(typeValue(tree, caret.position, text))}
          onClose={close}
          onNext={next}
        />
      );
    case 'answer':
      return (
        <Caret
          key={key}
          lead="I"
          label="What I do then"
          hint="cut the knee across …"
          onText={(text) => dispatch({ type: 'caret', caret: landingCaret(caret, text) })}
          onClose={close}
          onNext={next}
        />
      );
    case 'fall':
      return (
        <Caret
          key={key}
          lead="he"
          label="What he does if I fail"
          hint="sweeps me, gets the hook back …"
          onText={(text) => dispatch({ type: 'caret', caret: landingCaret(caret, text) })}
          onClose={close}
        />
      );
    case 'landing':
      return (
        <Caret
          key={key}
          said={caret.actor === 'owner' ? sayMine(caret.name) : sayHis(caret.name)}
          lead={caret.actor === 'owner' ? 'lands on' : 'he gets to'}
          label="Where it lands: a position of this tree, or a new one"
          hint="type a name"
          optionsFor={(typed) =>
            landingOptions(tree, caret, typed).map((option) => ({
              key: option.key,
              label: option.name,
              note: option.note,
              isNew: option.position === null,
            }))
          }
          onPick={(picked, typed) => {
            const option = landingOptions(tree, caret, typed).find((item) => item.key === picked.key);
            if (option?.position) dispatch(landOn(tree, caret, option.position));
            else if (option?.landing) dispatch(landOnNew(tree, caret, option.name, option.landing));
          }}
          onClose={close}
        />
      );
  }
}
