import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { factEffectsOf, findCertainFacts, withNewStep, withTyped } from '@/core/grips';
import { parseContacts, parseLimb } from '@/core/contacts';
import type { Contact, Step, TreeDocument } from '@/core/tree';
import type { Subject } from './subject';

const PLAY_MS = 1300;

/** Walks through the steps one by one while `playing`, and stops at the last. */
export function usePlay(count: number, step: number, setStep: (step: number) => void) {
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => (step < count ? setStep(step + 1) : setPlaying(false)), PLAY_MS);
    return () => clearTimeout(timer);
  }, [playing, step, count, setStep]);
  const toggle = () => {
    if (!playing && step >= count) setStep(1);
    setPlaying(!playing);
  };
  return { playing, toggle };
}

/** What is sure to be held where the move begins, whichever way one came. */
export function useArrival(tree: TreeDocument, subject: Subject): readonly string[] {
  return useMemo(() => {
    const facts = findCertainFacts(tree).certain.get(subject.position.id) ?? new Set<string>();
    const effects = factEffectsOf(tree);
    return [...facts].filter((fact) => effects.isHold(fact));
  }, [tree, subject.position.id]);
}

export type ChangeSteps = (label: string, change: (steps: readonly Step[]) => readonly Step[]) => void;

interface TypingInput {
  readonly subject: Subject;
  readonly step: number;
  /** What is sure to be held on arrival, in words. */
  readonly arrival: readonly string[];
  readonly onSteps: ChangeSteps;
  readonly onAt: (step: number) => void;
}
export interface Typing {
  readonly typed: string;
  /** What was not understood, a sentence each. */
  readonly wrong: readonly string[];
  /** The limb that has been named last and not yet what it holds. */
  readonly limb: Pick<Contact, 'athlete' | 'part'> | null;
  readonly input: RefObject<HTMLInputElement | null>;
  /** The line that was put in last. */
  readonly last: string;
  setTyped(typed: string): void;
  /** Puts the last item of the line in the place of what is typed of it, and goes to the line. */
  press(words: string): void;
  /** Puts the line in; an empty one is the next step. */
  enter(): void;
  /** Puts a whole line in, as if it were typed. */
  put(line: string): boolean;
  /** One more step after this one, what is held copied forward. */
  add(): void;
}

/** What was put in last, in whichever move: the next one often begins with it. */
let lastPutIn = '';

/** The line that holds are typed on. */
export function useTyping({ subject, step, arrival, onSteps, onAt }: TypingInput): Typing {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [last, setLast] = useState(lastPutIn);
  const input = useRef<HTMLInputElement>(null);
  const { transition, steps: written } = subject;
  /** A move begins with what is sure to be held on arrival. */
  const firstStep = (): Step[] => {
    const held = parseContacts(transition ? arrival.join(', ') : '');
    return [{ contacts: held.ok ? held.value : [] }];
  };
  const add = () => {
    if (!transition) return;
    onSteps(`step ${step + 1}`, (now) => (now.length === 0 ? firstStep() : withNewStep(now, Math.min(step, now.length))));
    onAt(written.length === 0 ? 1 : step + 1);
  };
  const put = (line: string): boolean => {
    const withLine = (now: readonly Step[]) => withTyped(now.length === 0 ? firstStep() : now, step, line);
    const next = withLine(written);
    setWrong(next.ok ? [] : next.error);
    if (!next.ok) return false;
    onSteps(`grips of step ${step}`, (now) => {
      const result = withLine(now);
      return result.ok ? result.value : now;
    });
    lastPutIn = line.trim();
    setLast(lastPutIn);
    return true;
  };
  const enter = (): void => {
    if (typed.trim() === '') return add();
    if (put(typed)) setTyped('');
  };
  const limb = parseLimb(typed.slice(typed.lastIndexOf(',') + 1).trim());
  const press = (words: string) => {
    const kept = typed.slice(0, typed.lastIndexOf(',') + 1);
    setTyped(`${kept}${kept === '' ? '' : ' '}${words}`);
    input.current?.focus();
  };
  return { typed, wrong, limb: limb.ok ? limb.value : null, input, last, setTyped, press, enter, put, add };
}
