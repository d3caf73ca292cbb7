'use client';
import { GuardLine } from './GuardLine';
import { LandingLine } from './LandingLine';
import { lineKey } from '../typing/drafts';
import type { LineProps } from './line';
import { MoveLine } from './MoveLine';
import { ShowLine } from './ShowLine';

/** The open caret: which sentence is typed, and what its Enter does. */
export function CaretLine({ caret, ...props }: LineProps) {
  // Another line begins anew.
  const key = lineKey(props.tree.id, caret);
  switch (caret.kind) {
    case 'guard':
      return <GuardLine key={key} {...props} caret={caret} />;
    case 'value':
      return <ShowLine key={key} {...props} caret={caret} />;
    case 'answer':
    case 'fall':
      return <MoveLine key={key} {...props} caret={caret} />;
    case 'landing':
      return <LandingLine key={key} {...props} caret={caret} />;
  }
}
