import { describe, expect, it } from 'vitest';
import { holdsOnArrival, mineAt } from '@/core/grips';
import { sayContact } from '@/core/contacts';
import { spokenMove } from '@/core/dictation';
import { findOdds } from '@/core/odds';
import { EMPTY_BOOK } from '@/core/people';
import { emptyTree, type TreeDocument } from '@/core/tree';
import { sayHis, sayMine, findingText, shareText, sayLostAfter } from '@/core/words';
import { findFindings } from '@/core/findings';
import { demoTree } from '../../../demo/demoTree';
import { boardOn, openBoard, reduceBoard, type BoardAction, type BoardState } from './boardState';
import { fitsToo, landingCaret, landOn, landOnNew, landOnSaid, nextBroken, typeGuard, typeSaid, typeValue } from './typing/branch';
import { landingOptions, moveOptions, newLies } from './typing/options';
import { firstHold, shutOptions, theirGripsAt } from './shut';
import { caretAnchor } from './camera/rooms';
import { sceneOf } from './viewModel';

const open = (tree: TreeDocument): BoardState =>
  boardOn(openBoard({ tree, revision: 1, view: 'tree', selected: null, guard: null, filter: {}, book: EMPTY_BOOK }), tree);
/** The board and its tree through a row of actions; the tree is edited as the store does it. */
const play = (state: BoardState, ...actions: BoardAction[]): BoardState =>
  actions.reduce((now, action) => boardOn(reduceBoard(now, action), action.type === 'edit' ? action.tree : now.tree), state);

/** Types a first branch: a guard, what he does, my answer, the settled pin. */
function firstBranch(): BoardState {
  let state = open(emptyTree('t', 'T'));
  expect(state.caret).toEqual({ kind: 'guard' });
  state = play(state, typeGuard(state.tree, 'Knee shield'));
  expect(state.caret).toEqual({ kind: 'value', position: 'knee-shield' });
  state = play(state, typeValue(state.tree, 'knee-shield', 'frames on the neck'));
  const caret = state.caret!;
  if (caret.kind !== 'answer') throw new Error('the caret should wait for an answer');
  return play(state, landOnNew(state.tree, landingCaret(caret, spokenMove('fold the shield')), 'Side pin', 'settled'));
}

describe('building a branch from the keyboard', () => {
  it('goes from guard to pin in four lines, and the odds move', () => {
    const { tree, caret } = firstBranch();
    expect(tree.positions.map((position) => [position.name, position.family, position.ends])).toEqual([
      ['Knee shield', 'half', undefined],
      ['Side pin', 'pin', 'settled'],
    ]);
    expect(tree.transitions[0]).toMatchObject({
      from: 'knee-shield',
      to: 'side-pin',
      actor: 'owner',
      when: { he: ['frames-on-the-neck'] },
    });
    expect(caret).toBeNull();
    expect(findOdds(tree).starts[0]!.value).toBeGreaterThan(0.3);
  });
  it('offers existing positions before new ones, best match first; nothing is taken that was not typed', () => {
    const { tree } = firstBranch();
    const caret = landingCaret({ kind: 'answer', position: 'knee-shield', read: null, value: null }, spokenMove('cut'));
    const options = landingOptions(tree, caret, 'si', null);
    expect(options[0]).toMatchObject({ key: 'side-pin', note: 'settled', takes: { kind: 'place' } });
    expect(options.slice(1).every((option) => option.takes.kind === 'new')).toBe(true);
    const from = tree.positions[0]!;
    expect(newLies(tree, 'opponent', from).map(({ landing }) => landing)).toEqual(['guard', 'swept', 'submitted', 'escaped']);
    expect(landingOptions(tree, caret, '', null)).toEqual([]);
  });
  it('an answer that is drawn for one show is offered for the next, and fits it too', () => {
    const { tree } = firstBranch();
    const more = typeValue(tree, 'knee-shield', 'turns in');
    const caret = { kind: 'answer' as const, position: 'knee-shield', read: 'he', value: 'turns-in' };
    expect(more.caret).toEqual(caret);
    const [same] = moveOptions(more.tree, caret, '= fold', null);
    expect(same).toMatchObject({ label: 'fold the shield', note: 'the same, to Side pin' });
    if (same?.takes.kind !== 'same') throw new Error('the same move was expected');
    const fitted = fitsToo(more.tree, caret, same.takes.transition);
    if (fitted.type !== 'edit') throw new Error('an edit was expected');
    expect(fitted.tree.transitions).toMatchObject([{ when: { he: ['frames-on-the-neck', 'turns-in'] } }]);
  });
  it('shows that were passed over are not offered again until one is asked for', () => {
    const { tree } = firstBranch();
    const more = typeValue(tree, 'knee-shield', 'turns in / pummels');
    const at = (value: string) => ({ kind: 'answer' as const, position: 'knee-shield', read: 'he', value });
    const look = openBoard({ tree: more.tree, revision: 1, view: 'tree', selected: null, guard: null, filter: {}, book: EMPTY_BOOK });
    const show = 'knee-shield turns-in';
    const passed = reduceBoard(look, {
      type: 'skip',
      show,
      caret: nextBroken(more.tree, { position: 'knee-shield', value: 'turns-in' }, new Set([show])),
    });
    expect(passed.caret).toEqual(at('pummels'));
    expect(nextBroken(more.tree, { position: 'knee-shield', value: 'pummels' }, passed.skipped)).toEqual(at('pummels'));
    expect(nextBroken(more.tree, null, new Set([...passed.skipped, 'knee-shield pummels']))).toBeNull();
    expect(reduceBoard(passed, { type: 'caret', caret: at('turns-in') }).skipped.size).toBe(0);
    expect(reduceBoard(passed, { type: 'caret', caret: at('pummels') }).skipped).toBe(passed.skipped);
  });
  it('a place is said to end, or who is on top, in one word; while landing too; and one show may have two answers', () => {
    const { tree } = firstBranch();
    const at = { kind: 'answer' as const, position: 'knee-shield', read: 'he', value: 'frames-on-the-neck' };
    const landing = landingCaret(at, spokenMove('back off'));
    const again = landOnSaid(tree, landing, 'Out of it', { ends: 'escaped' }, 'nextLine', { again: true, skipped: new Set() });
    expect(again.tree.positions.at(-1)).toMatchObject({ name: 'Out of it', ends: 'escaped', lines: [] });
    expect(again.caret).toMatchObject(at);
    const under = landOnSaid(tree, landing, 'Underneath', { role: 'below' }, 'sameHeight');
    expect(under.tree.positions.at(-1)).toMatchObject({ ownerRole: 'below' });
    expect(under.caret).toMatchObject({ kind: 'value', after: { value: 'frames-on-the-neck' } });
    const ended = typeSaid(under.tree, under.tree.positions.at(-1)!, 'swept', { ends: 'swept' });
    expect(ended.tree.positions.at(-1)).toMatchObject({ ends: 'swept', family: 'lost' });
  });
  it('takes several values at once, into a cue or into what he does, and answers them one after the other', () => {
    const guard = typeGuard(emptyTree('t', 'T'), 'Body lock');
    const hips = typeValue(guard.tree, 'body-lock', 'his hips: flat / turned in / turned away');
    expect(hips.tree.positions[0]!.reads).toMatchObject([
      {
        name: 'his hips',
        kind: 'cue',
        closed: true,
        values: [{ name: 'flat' }, { name: 'turned in', kind: 'turn' }, { name: 'turned away' }],
      },
    ]);
    expect(hips.caret).toEqual({ kind: 'answer', position: 'body-lock', read: 'his-hips', value: 'flat' });
    const both = typeValue(hips.tree, 'body-lock', 'frames / hugs the head');
    expect(both.tree.positions[0]!.reads[1]).toMatchObject({ kind: 'reaction', values: [{ name: 'frames' }, { name: 'hugs the head' }] });
    const caret = hips.caret as Extract<typeof hips.caret, { kind: 'answer' }>;
    expect(landOnNew(both.tree, landingCaret(caret!, spokenMove('step over')), 'Pin', 'settled').caret).toMatchObject({
      value: 'turned-in',
    });
    expect(typeValue(guard.tree, 'body-lock', ' / ').tree).toBe(guard.tree);
    expect(typeValue(both.tree, 'body-lock', 'frames').caret).toMatchObject({ kind: 'answer', value: 'frames' });
  });
  it('in a tree of the guard player my way goes down to a sweep, his up to the pin', () => {
    const { tree, caret } = play(open(emptyTree('t', 'T', 'guardPlayer')), typeGuard(emptyTree('t', 'T', 'guardPlayer'), 'Butterfly'));
    expect(caret).toMatchObject({ kind: 'value' });
    const at = { kind: 'answer' as const, position: 'butterfly', read: null, value: null };
    const from = tree.positions[0]!;
    const mine = newLies(tree, 'owner', from).map(({ landing }) => landing);
    expect(mine).toEqual(['guard', 'swept', 'submitted', 'escaped', 'sameHeight']);
    const his = newLies(tree, 'opponent', from).map(({ landing }) => landing);
    expect(his).toEqual(['nextLine', 'settled', 'back', 'submission', 'sameHeight', 'attempt']);
    const swept = landOnNew(tree, landingCaret(at, spokenMove('lift him')), 'On top', 'swept');
    expect(swept.tree.transitions[0]!.kind).toBe('retention');
    expect(findOdds(swept.tree).starts[0]!.value).toBeGreaterThan(0.2);
  });
  it('re-links without making a second transition', () => {
    const { tree } = firstBranch();
    const id = tree.transitions[0]!.id;
    const relinked = landOn(
      tree,
      { kind: 'landing', actor: 'owner', position: 'knee-shield', read: null, value: null, move: spokenMove('x'), transition: id },
      'knee-shield',
    );
    expect(relinked.tree.transitions).toMatchObject([{ id, to: 'knee-shield' }]);
  });
  it('Tab walks all broken rungs and begins again', () => {
    const tree = demoTree();
    const gaps = findFindings(tree).list.filter((finding) => finding.kind === 'unanswered').length;
    const seen = new Set<string>();
    let at = nextBroken(tree, null);
    for (let i = 0; i < gaps; i++) {
      if (at?.kind !== 'answer') throw new Error('an answer caret was expected');
      seen.add(`${at.position}/${at.value}`);
      at = nextBroken(tree, { position: at.position, value: at.value! });
    }
    expect(seen.size).toBe(gaps);
    expect(seen.has(`${(at as { position: string }).position}/${(at as { value: string }).value}`)).toBe(true);
  });
});

describe('views and words', () => {
  const tree = demoTree();
  const state = (extra: Partial<BoardState>): BoardState => ({ ...open(tree), ...extra });
  it('shows one guard, one route or all, and says where the caret opens', () => {
    expect(sceneOf(state({ view: 'guard', guard: 'closed-guard' }), null).layout.rungs.length).toBeLessThan(tree.positions.length);
    expect(sceneOf(state({ view: 'route', selected: 'leg-drag' }), null).layout.rungs).toEqual([]);
    const { layout } = sceneOf(state({}), null);
    expect(caretAnchor(layout, { kind: 'value', position: 'spider' })).not.toBeNull();
    expect(caretAnchor(layout, { kind: 'value', position: 'nowhere' })).toBeNull();
  });
  it('says every finding in words, with the place and the next action', () => {
    for (const finding of findFindings(tree).list) {
      const text = findingText(tree, finding);
      expect([text.place, text.what, text.why, text.action].every((part) => part.length > 3)).toBe(true);
    }
    expect([sayMine('cut'), sayMine('I cut'), sayHis('he turns')]).toEqual(['I cut', 'I cut', 'he turns']);
    const hq = tree.positions.find((position) => position.id === 'headquarters')!;
    expect(shareText(hq.reads[1]!, 'hq-pummels')).toBe('rarely, 5 in 100');
  });
});

describe('his grips that are on', () => {
  const tree = demoTree();
  const place = tree.positions.find((position) => position.id === 'headquarters')!;
  it('are those that he holds here and those that shut or open an option, each once', () => {
    const said = theirGripsAt(tree, place).map(sayContact);
    expect(new Set(said).size).toBe(said.length);
    expect(said).toContain('his left hand near armpit: underhook');
  });
  it('shut what they shut and say what to break; none on, none shut', () => {
    expect(shutOptions(tree, []).size).toBe(0);
    const on = theirGripsAt(tree, place).filter((contact) => contact.job === 'underhook');
    const shut = shutOptions(tree, on);
    expect(shut.get('headquarters-i-cut-the-knee-across')).toEqual({
      status: 'blocked',
      says: 'shut: break his left hand near armpit: underhook',
    });
    expect(shut.get('headquarters-i-throw-the-legs-past-the-frame')?.status).toBe('notYet');
    expect(shut.has('headquarters-i-drag-the-leg')).toBe(false);
    const state = play(open(tree), { type: 'gripsOn', grips: on }, { type: 'select', position: 'body-lock' });
    expect(state.gripsOn).toBe(on);
    expect(play(state, { type: 'seen', swapped: true }).gripsOn).toEqual([]);
  });
  it('a place says what is held on every way, and which ways bring less than it says', () => {
    const at = (id: string) =>
      holdsOnArrival(
        tree,
        tree.positions.find((position) => position.id === id)!,
      );
    expect(at('ankles-in-hand')).toEqual({ sure: ['left hand near ankle', 'right hand far ankle'], unsure: [] });
    const [lost] = at('side-low').unsure;
    expect(lost!.hold).toBe('left hand far hip');
    expect(sayLostAfter(tree, lost!)).toBe('I go under the frame to his side; I settle on the hip; I slide through to his side');
    expect(at('crab-ride')).toEqual({ sure: [], unsure: [] });
  });
  it('a hold that a move needs and the place does not bring is named first', () => {
    const drive = 'side-low-i-drive-the-cross-face';
    expect(firstHold(tree, drive, new Set())).toEqual(['left hand far hip']);
    expect(firstHold(tree, drive, mineAt(tree, 'side-low'))).toEqual([]);
  });
});
