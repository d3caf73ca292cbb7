import type { Position, Transition } from '@/core/tree';
import { He, he, I, place } from './words';

/** Chest and head, the back, and the endings. */
export const uppers: Position[] = [
  place('side-low', 'At his side, low', 'pin', 'fkh', {
    reads: [
      he(
        'sl-frames: frames on the hip: frame: often',
        'sl-knee-in: slips the knee in: retention: sometimes',
        'sl-turns: turns to his knees: turn: sometimes',
      ),
    ],
  }),
  place('knee-ride', 'Knee on the hip bone', 'transit', 'fkh', {
    tempo: 'actNow',
    tempoReason: 'He pushes the knee at once.',
    reads: [he('kr-pushes: pushes the knee: frame: often')],
  }),
  place('chest-down', 'Side, chest down', 'pin', 'fkhc', {
    bySchool: [{ school: 'pressure', ends: 'settled' }],
    notes: 'The pressure school counts this as settled; the loose one walks on, since hips and knees are still free.',
    tempo: 'safe',
    tempoReason: 'Chest to chest, hips low.',
    reads: [he('cd-bridges: bridges and turns: other: often', 'cd-knee: sneaks the bottom knee in: retention: sometimes')],
  }),
  place('scarf', 'Scarf hold', 'pin', 'fkhc', {
    stance: 'seated',
    distance: 'tight',
    legRelation: 'my legs split beside his head',
    tempo: 'neutral',
    tempoReason: 'Heavy, but my back is open.',
    hazards: ['His neck is in my arm: weight on the ribs, not on the jaw.'],
    reads: [he('sh-back: goes to my back: turn: sometimes: his knees come under my hip', 'sh-bridges: bridges me over: other: often')],
  }),
  place('knee-on-belly', 'Knee on belly', 'pin', 'fkhc', {
    tempo: 'neutral',
    reads: [he('kb-pushes: pushes the knee: frame: often', 'kb-turns: turns away: turn: sometimes')],
  }),
  place('three-quarter', 'Three-quarter mount', 'pin', 'fkhc', { reads: [he('tq-traps: traps the foot: hook: often')] }),
  place('walk-to-head', 'Walking to the head', 'pin', 'fkhc', { reads: [he('wh-frames: frames the hips: frame: sometimes')] }),
  place('side-pin', 'Side pin', 'pin', 'fkhc+', {
    ends: 'settled',
    tempo: 'safe',
    reason: 'he cannot turn in, and I can rest',
    checkpoints: ['far shoulder flat', 'near hip blocked', 'no elbow inside'],
  }),
  place('north-south', 'North-south', 'pin', 'fkhc+', { ends: 'settled', tempo: 'safe' }),
  place('mount', 'Mount', 'pin', 'fkhc+', { ends: 'settled', tempo: 'safe' }),
  place('arm-isolated', 'Far arm isolated', 'submission', 'fkhc+', {
    ends: 'submission',
    hazards: ['Shoulder lock: slowly, release at the tap.'],
  }),
  place('turtle', 'Turtle, seat belt', 'turtle', 'fkh', {
    reads: [
      he('tu-hand-fights: fights the top hand: grip: often', 'tu-rolls: rolls: turn: sometimes', 'tu-stands: stands up: other: rarely'),
    ],
  }),
  place('one-hook', 'One hook in', 'back', 'fkhc', {
    reads: [he('ho-slides: slides the hips out: retention: often', 'ho-hand: peels the top hand: grip: sometimes')],
  }),
  place('back-control', 'Back, two hooks', 'back', 'fkhc+', { ends: 'back', tempo: 'safe' }),
  place('truck-side', 'Leg ride from turtle', 'back', 'fkh', { reads: [] }),
  place('turtle-mine', 'I am turtled', 'lost', '', {
    ownerRole: 'below',
    tempo: 'danger',
    reads: [he('tm-hooks: puts a hook in: hook: often')],
  }),
  place('swept', 'Swept', 'lost', '', { ends: 'swept' }),
  place('submitted', 'Submitted', 'lost', '', { ends: 'submitted' }),
  place('stood-up', 'He stands, start again', 'lost', '', { ends: 'escaped' }),
  place('crab-ride', 'Crab ride', 'back', 'fkh', {
    wordingUnsure: true,
    reads: [he('cr-turns-in: turns in: turn: often')],
    notes: 'Seen on a seminar evening; no way in yet.',
  }),
];

export const upperMoves: Transition[] = [
  I('side-low > chest-down', 'settle', 'I drive the cross-face', {
    reason: 'the frame is on the hip, so the head is free',
    when: { he: 'sl-frames' },
    works: 0.6,
    checkpoints: ['Hip stays on hip while the arm travels'],
    mistakes: [
      {
        error: 'Stops at the pass with a knee still in',
        consequence: 'he re-guards',
        correction: 'clear the last frame, then count it passed',
      },
    ],
    schools: ['pressure'],
  }),
  I('side-low > walk-to-head', 'settle', 'I walk straight on to the head', {
    when: { he: 'sl-frames' },
    works: 0.5,
    schools: ['loose'],
    priority: -1,
  }),
  He('side-low > flat-half', 'retention', 'he gets half guard back', { when: { he: 'sl-knee-in' } }),
  I('side-low > turtle', 'backTake', 'I follow to the back', { when: { he: 'sl-turns' }, works: 0.55 }),
  I('knee-ride > knee-on-belly', 'settle', 'I pull up and post the knee', { works: 0.5, stoppedBy: ['kr-pushes'] }),
  I('knee-ride > leg-drag', 'retreat', 'I drop back to the drag', { when: { he: 'kr-pushes' }, works: 0.6 }),
  I('chest-down > side-pin', 'settle', 'I close the far hip and settle', { works: 0.65 }),
  I('chest-down > north-south', 'followUp', 'I walk to north-south as he bridges', { when: { he: 'cd-bridges' }, works: 0.55 }),
  He('chest-down > knee-shield', 'retention', 'he gets the knee in', { when: { he: 'cd-knee' } }),
  I('side-low > scarf', 'settle', 'I sit through to the scarf hold', {
    schools: ['pressure'],
    when: { he: 'sl-knee-in' },
    works: 0.5,
    announced: true,
  }),
  I('scarf > side-pin', 'settle', 'I turn back to chest to chest', { when: { he: 'sh-bridges' }, works: 0.6 }),
  He('scarf > turtle-mine', 'escape', 'he comes out to my back', { when: { he: 'sh-back' } }),
  I('knee-on-belly > mount', 'settle', 'I slide to the mount', { when: { he: 'kb-pushes' }, works: 0.55 }),
  I('knee-on-belly > turtle', 'backTake', 'I take the back as he turns', { when: { he: 'kb-turns' }, works: 0.55 }),
  I('knee-on-belly > arm-isolated', 'submit', 'I isolate the far arm', {
    when: { he: 'kb-pushes' },
    works: 0.35,
    priority: -1,
    tags: ['shoulder lock'],
    hazards: ['Shoulder lock: slowly, release at the tap.'],
  }),
  I('three-quarter > mount', 'settle', 'I pull the foot free to the mount', { when: { he: 'tq-traps' }, works: 0.55 }),
  He('three-quarter > flat-half', 'retention', 'he locks half guard', { when: { he: 'tq-traps' } }),
  I('walk-to-head > north-south', 'settle', 'I flatten at north-south', { works: 0.6 }),
  I('turtle > one-hook', 'backTake', 'I put the first hook in', {
    when: { he: 'tu-hand-fights' },
    works: 0.6,
    checkpoints: ['Seat belt first, hook second'],
  }),
  I('turtle > back-control', 'backTake', 'I roll with him to two hooks', { when: { he: 'tu-rolls' }, works: 0.4 }),
  He('turtle > stood-up', 'escape', 'he stands up', { when: { he: 'tu-stands' } }),
  I('turtle > truck-side', 'followUp', 'I ride the near leg', { when: { he: 'tu-stands' }, works: 0.35 }),
  I('one-hook > back-control', 'backTake', 'I dig the second hook', { when: { he: 'ho-hand' }, works: 0.6 }),
  He('one-hook > half-below', 'escape', 'he turns in on top', { when: { he: 'ho-slides' } }),
  I('one-hook > mount', 'followUp', 'I come up to the mount', { when: { he: 'ho-slides' }, works: 0.5 }),
  I('turtle-mine > half-below', 'retention', 'I roll back to half guard', { works: 0.4 }),
  He('turtle-mine > swept', 'other', 'he takes my back', { when: { he: 'tm-hooks' } }),
];
