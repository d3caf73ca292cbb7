import type { Position, Transition } from '@/core/tree';
import { cue, He, he, I, place } from './words';

/** Hubs: stable places from which many passes start. */
export const hubs: Position[] = [
  place('headquarters', 'Headquarters', 'hub', 'f', {
    tempo: 'safe', tempoReason: 'His leg is trapped between yours; nothing to tap to until it comes out.', legRelation: 'his leg between mine', stance: 'combat', distance: 'close',
    reads: [
      cue('inside-knee', 'inside knee', 'knee-out: points out: other: often', 'knee-middle: stays in the middle: other: sometimes', 'knee-across: points across: other: often'),
      he('hq-underhook: underhooks the far leg: grip: sometimes', 'hq-frames: frames on the hip: frame: sometimes', 'hq-sits: sits up to me: grip: sometimes', 'hq-pummels: pummels the leg high: retention: rarely'),
    ],
  }),
  place('body-lock', 'Body lock', 'hub', 'fh', {
    tempo: 'safe', tempoReason: 'Hands locked behind his hips: he cannot leave, and I can rest.', legRelation: 'both my legs inside', stance: 'kneeling', distance: 'tight',
    reads: [
      cue('hips', 'his hips', 'flat: flat: other: mostly', 'turned-in: turned in: turn: sometimes', 'turned-away: turned away: turn: sometimes'),
      he('bl-hooks: keeps a hook alive: hook: often', 'bl-frames: frames on the forehead: frame: sometimes', 'bl-guillotine: wraps the neck: submission: rarely'),
    ],
    hazards: ['Neck wrap: head up and to the outside; tap early.'],
  }),
  place('over-under', 'Over-under', 'hub', 'fk', {
    tempo: 'safe', tempoReason: 'Shoulder in the hip, one leg under my arm, one pinned: nothing moves quickly.', legRelation: 'one leg over, one under', stance: 'kneeling', distance: 'tight',
    reads: [he('ou-weaves: weaves the top leg in: retention: often', 'ou-turns: turns to his knees: turn: sometimes', 'ou-triangle: threatens the triangle: submission: sometimes', 'ou-grips-belt: grips the belt: grip: rarely')],
  }),
  place('leg-drag', 'Leg drag', 'hub', 'fkh', {
    tempo: 'safe', tempoReason: 'Both his legs on one side of mine.', legRelation: 'both legs across', stance: 'combat', distance: 'close',
    reads: [he('ld-turns: turns away: turn: often', 'ld-frames: frames on the face: frame: often', 'ld-inverts: inverts: turn: sometimes', 'ld-pulls: pulls the leg back in: retention: sometimes')],
  }),
  place('stacked', 'Stacked', 'transit', 'fk', {
    tempo: 'neutral', hazards: ['Stacking folds the spine: go slowly, and not with a bad neck.'],
    reads: [he('st-granby: rolls over the shoulder: turn: sometimes', 'st-frames: frames on the thigh: frame: often')],
  }),
  place('legs-thrown', 'Legs thrown past', 'transit', 'fk', {
    tempo: 'actNow', tempoReason: 'His hips follow within a second.', windowCloses: 'when his hips face me again',
    reads: [he('lt-squares: squares up again: retention: often', 'lt-inverts: inverts: turn: sometimes')],
  }),
  place('knee-cut', 'Knee cut, shallow', 'transit', 'fk', { reads: [he('kc-shield: puts the knee shield back: frame: often', 'kc-underhook: wins the underhook: grip: sometimes')] }),
  place('shin-outside', 'Shin outside, folding', 'transit', 'fk', { reads: [he('so-weave: weaves the arm: frame: sometimes', 'so-opens: opens the knee: none: often')] }),
  place('smashed', 'Knees smashed together', 'transit', 'fk', { tempo: 'safe', tempoReason: 'Both knees under my hip.', reads: [he('sm-turns: turns away: turn: sometimes', 'sm-frames: straight-arm frames: frame: often')] }),
  place('hip-switch', 'Hip switch, backside', 'transit', 'fkh', { reads: [he('hs-follows: follows the hip: retention: often')] }),
  place('hips-killed', 'Hips killed', 'transit', 'fkh', { tempo: 'safe', tempoReason: 'His hips are flat and mine lie on them.', reads: [he('hk-bridges: bridges: other: often', 'hk-underhook: digs the underhook: grip: sometimes')] }),
  place('half-cleared', 'Half, knee free', 'transit', 'fk', { reads: [he('hc-recovers: catches the foot again: retention: often', 'hc-turns: turns to his knees: turn: sometimes')] }),
]; // prettier-ignore

export const hubMoves: Transition[] = [
  I('headquarters > knee-cut', 'pass', 'I cut the knee across', { when: { 'inside-knee': 'knee-out' }, stoppedBy: ['knee-across'], priority: 1, works: 0.65, checkpoints: ['Shin across, hips low, head on his chest'], mistakes: [{ error: 'Outside knee drifts over the shield', consequence: 'he re-hooks', correction: 'knee stays glued to the mat' }] }),
  I('headquarters > shin-outside', 'pass', 'I fold the shin outside', { when: { 'inside-knee': 'knee-middle' } }),
  I('headquarters > leg-drag', 'enter', 'I drag the leg', { when: { 'inside-knee': 'knee-across' }, stoppedBy: ['knee-out'], works: 0.6, mistakes: [{ error: 'Lets go of the ankle too early', consequence: 'the leg comes back', correction: 'hip first, then release' }] }),
  I('headquarters > smashed', 'pass', 'I smash the knees together', { schools: ['pressure'], when: { 'inside-knee': 'knee-across' } }),
  I('headquarters > legs-thrown', 'pass', 'I throw the legs past the frame', { schools: ['loose'], when: { he: 'hq-frames' }, works: 0.5 }),
  I('headquarters > body-lock', 'enter', 'I meet him and lock the hips', { when: { he: 'hq-sits' }, works: 0.55 }),
  He('headquarters > de-la-riva', 'retention', 'he pummels the hook in', { when: { he: 'hq-pummels' } }),
  I('body-lock > hips-killed', 'pass', 'I step over to the flat side', { when: { hips: 'flat' }, stoppedBy: ['turned-away'], priority: 1, works: 0.6, checkpoints: ['Hands stay locked until the hook is dead'], mistakes: [{ error: 'Opens the lock before the hook is dead', consequence: 'he re-guards', correction: 'shift sideways on to the leg' }] }),
  I('body-lock > hip-switch', 'pass', 'I switch the hips to the other side', { when: { hips: 'turned-in' }, works: 0.55 }),
  I('body-lock > turtle', 'backTake', 'I climb to the back as he turns', { when: { hips: 'turned-away' }, stoppedBy: ['flat'], works: 0.65 }),
  I('body-lock > over-under', 'enter', 'I drop one arm and go over-under', { when: { he: 'bl-hooks' }, works: 0.5 }),
  He('body-lock > butterfly', 'retention', 'he elevates back to butterfly', { when: { he: 'bl-hooks' } }),
  I('body-lock > hips-killed', 'pass', 'I walk round under the frame', { when: { he: 'bl-frames' }, works: 0.5 }),
  I('over-under > hips-killed', 'pass', 'I walk to the leg side', { when: { he: 'ou-weaves' }, stoppedBy: ['ou-turns'], works: 0.55, checkpoints: ['Shoulder stays in the hip'], mistakes: [{ error: 'Sprawls on the spot', consequence: 'the weave comes in', correction: 'shift sideways on to the leg' }] }),
  I('over-under > turtle', 'backTake', 'I follow to the back', { when: { he: 'ou-turns' }, stoppedBy: ['ou-weaves'], works: 0.6 }),
  He('over-under > submitted', 'submission', 'he locks the triangle', { when: { he: 'ou-triangle' }, tags: ['choke'], hazards: ['Choke: tap early, release at once.'] }),
  I('over-under > stacked', 'followUp', 'I stack the triangle', { tags: ['stack'], when: { he: 'ou-triangle' }, works: 0.5, hazards: ['Stacking folds the spine: slowly.'] }),
  I('leg-drag > turtle', 'backTake', 'I take the back as he turns', { when: { he: 'ld-turns' }, works: 0.65 }),
  I('leg-drag > side-low', 'pass', 'I go under the frame to his side', { when: { he: 'ld-frames' }, works: 0.55 }),
  I('leg-drag > side-low', 'settle', 'I settle on the hip', { works: 0.5, priority: -1 }),
  He('leg-drag > headquarters', 'retention', 'he pulls the leg back in', { when: { he: 'ld-pulls' } }),
  I('leg-drag > stacked', 'followUp', 'I stack the inversion', { tags: ['stack'], when: { he: 'ld-inverts' }, works: 0.45, hazards: ['Weight on his neck: let him out slowly.'] }),
  I('stacked > side-low', 'pass', 'I walk round to his side', { needs: ['foot off the hip'], when: { he: 'st-frames' }, works: 0.5 }),
  He('stacked > feet-on-hips', 'retention', 'he rolls out to open guard', { when: { he: 'st-granby' } }),
  I('legs-thrown > knee-ride', 'pass', 'I land the knee on the hip bone', { works: 0.45, stoppedBy: ['lt-squares'] }),
  He('legs-thrown > feet-on-hips', 'retention', 'he squares up again', { when: { he: 'lt-squares' } }),
  I('legs-thrown > headquarters', 'enter', 'I step in as he squares up', { when: { he: 'lt-squares' }, works: 0.55 }),
  I('knee-cut > side-low', 'pass', 'I slide through to his side', { works: 0.6, seconds: 9 }),
  He('knee-cut > knee-shield', 'retention', 'he recovers the shield', { when: { he: 'kc-shield' } }),
  I('knee-cut > half-cleared', 'followUp', 'I backstep over the shield', { when: { he: 'kc-shield' }, works: 0.5 }),
  I('shin-outside > smashed', 'pass', 'I fold the knees to the mat', { works: 0.55 }),
  I('shin-outside > knee-cut', 'followUp', 'I cut as the knee opens', { when: { he: 'so-opens' }, works: 0.6 }),
  I('smashed > side-low', 'pass', 'I slide up over the knees', { when: { he: 'sm-frames' }, works: 0.55 }),
  I('smashed > turtle', 'backTake', 'I go to the back', { when: { he: 'sm-turns' }, works: 0.6 }),
  I('hip-switch > side-low', 'pass', 'I sit through to his side', { when: { he: 'hs-follows' }, works: 0.5 }),
  I('hips-killed > side-low', 'settle', 'I climb to the cross-face', { when: { he: 'hk-bridges' }, works: 0.65 }),
  I('hips-killed > three-quarter', 'followUp', 'I slide to three-quarter mount', { when: { he: 'hk-underhook' }, works: 0.45 }),
  I('half-cleared > side-low', 'settle', 'I settle at his side', { works: 0.6 }),
  He('half-cleared > flat-half', 'retention', 'he catches the foot', { when: { he: 'hc-recovers' } }),
  I('half-cleared > turtle', 'followUp', 'I follow the turn', { when: { he: 'hc-turns' }, works: 0.5 }),
]; // prettier-ignore
