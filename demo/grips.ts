import { parseContacts } from '@/core/grips';
import type { Step, Transition } from '@/core/tree';

/** Steps of the demo's moves, by id of the move: what is typed at each step, all of it. */
const GRIPS: Readonly<Record<string, readonly string[]>> = {
  'collar-sleeve-i-strip-the-sleeve': [
    'left hand far wrist, right hand own thigh, his right hand sleeve cuff, his left hand collar',
    'left hand far wrist: pin, right hand far sleeve cuff, his left hand collar',
    'right hand far sleeve cuff to my hip, left hand near knee inside, his left hand collar',
  ],
  'body-lock-i-step-over-to-the-flat-side': [
    'left hand own wrist: clamp, right hand hips: clamp, head belly, left knee mat between his legs',
    'left hand own wrist: clamp, right hand hips: clamp, head far hip: pin, right shin far thigh: pin',
    'right hand hips: clamp, left hand far knee: pin, head ribs, right shin mat beside the hip',
    'left hand far hip, right hand near shoulder: underhook, head chest: pin, right knee mat beside the hip',
  ],
  'headquarters-i-drag-the-leg': [
    'left hand far ankle, right hand far trouser knee, left knee near thigh inside: wedge',
    'left hand far ankle to my other hip, right hand far hip, left knee near thigh inside: wedge',
    'right hand far hip: pin, left hand far lapel, chest far hamstring: weight',
  ],
  'over-under-i-walk-to-the-leg-side': [
    'left hand near hamstring: underhook, right forearm far thigh: pin, left shoulder near hip crease: pin',
    'left hand belt at the back, right forearm far shin: pin, left shoulder near hip crease: pin',
    'left hand belt at the back, right hand far knee: pin, left shoulder belly: weight',
  ],
};

function stepsOf(lines: readonly string[]): Step[] {
  return lines.map((line) => {
    const parsed = parseContacts(line);
    if (!parsed.ok) throw new Error(parsed.error.join(' '));
    return { contacts: parsed.value };
  });
}

/** The move with its steps, where they are written down. */
export function withGrips(move: Transition): Transition {
  const lines = GRIPS[move.id];
  return lines ? { ...move, steps: stepsOf(lines) } : move;
}
