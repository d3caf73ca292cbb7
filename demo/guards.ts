import type { Position, Transition } from '@/core/tree';
import { cue, He, he, I, place, timing } from './words';

/** The guards an opponent shows, and the first control over each. */
export const guards: Position[] = [
  place('collar-sleeve', 'Collar and sleeve', 'open', '', {
    stance: 'standing',
    distance: 'far',
    legRelation: 'both feet between us',
    reads: [
      he(
        'cs-pulls: pulls me down to the hip: grip: often',
        'cs-far-sleeve: goes to the far sleeve: grip: sometimes',
        'cs-stands: stands up: sweep: rarely',
      ),
    ],
  }),
  place('spider', 'Spider', 'open', '', {
    stance: 'standing',
    distance: 'far',
    hazards: ['Lock the elbow straight and it gets stretched: keep it bent.'],
    reads: [
      he('sp-extends: extends one leg: frame: often: one foot rides high on the biceps', 'sp-lasso: feeds the lasso: hook: sometimes'),
    ],
  }),
  place('lasso', 'Lasso', 'open', '', {
    stance: 'standing',
    distance: 'middle',
    reads: [he('la-pulls: pulls the arm across: grip: often', 'la-spins: spins under: sweep: sometimes')],
  }),
  place('de-la-riva', 'De La Riva', 'open', '', {
    stance: 'standing',
    distance: 'middle',
    legRelation: 'hook outside my lead leg',
    reads: [
      he(
        'dlr-pushes: pushes the far hip: frame: often',
        'dlr-spins: spins under: turn: sometimes: his head goes to my far foot',
        'dlr-sits: sits up to the ankle: grip: sometimes',
      ),
      timing('early: his hook is still flat', 'late: his hook is already deep'),
    ],
  }),
  place('reverse-de-la-riva', 'Reverse De La Riva', 'open', '', {
    stance: 'standing',
    distance: 'middle',
    reads: [he('rdlr-kicks: kicks the lead leg out: hook: often', 'rdlr-back: comes up to the back: turn: rarely')],
  }),
  place('single-leg-x', 'Single-leg X', 'entanglement', '', {
    stance: 'standing',
    distance: 'close',
    tempo: 'actNow',
    tempoReason: 'His foot on the hip decides within a second whether the heel is his.',
    windowCloses: 'when his second leg comes over the knee line',
    hazards: ['Leg entanglement: tap early, release at once; twisting locks only if your gym and the event allow them.'],
    reads: [
      he('slx-lifts: lifts the leg: sweep: often', 'slx-heel: hunts the heel: submission: sometimes: his elbow closes round my foot'),
      timing('slx-on-time: before the second leg', 'slx-late: his second leg is over'),
    ],
  }),
  place('butterfly', 'Butterfly', 'open', '', {
    stance: 'kneeling',
    distance: 'close',
    legRelation: 'both hooks inside',
    reads: [
      he(
        'bf-underhook: wins the underhook: grip: often',
        'bf-drags: drags the arm: grip: sometimes',
        'bf-lies-back: lies back: frame: sometimes',
      ),
    ],
  }),
  place('feet-on-hips', 'Feet on hips', 'open', '', {
    stance: 'standing',
    distance: 'far',
    legRelation: 'both feet between us',
    reads: [he('fh-ankles: grips both ankles: sweep: sometimes', 'fh-spider: opens to spider: hook: sometimes')],
  }),
  place('knee-shield', 'Knee shield', 'half', '', {
    stance: 'kneeling',
    distance: 'middle',
    legRelation: 'knee across my chest',
    reads: [
      he(
        'ks-underhook: digs the underhook: grip: often',
        'ks-frames: frames on the neck: frame: sometimes',
        'ks-hooks: feeds a hook under: hook: sometimes',
      ),
      cue(
        'top-knee',
        'top knee',
        'tk-out: points out: other: mostly: it aims past my shoulder',
        'tk-in: points at me: other: often: it aims at my chest',
      ),
      cue(
        'near-arm',
        'near arm',
        'na-frames: frames: frame: often: his forearm is on my collar bone',
        'na-under: is under mine: grip: often: I feel his hand on my ribs',
      ),
    ],
  }),
  place('flat-half', 'Flat half', 'half', 'f', {
    stance: 'kneeling',
    distance: 'close',
    reads: [he('fl-locks: locks the legs: hook: often', 'fl-dives: dives under to deep half: hook: rarely')],
  }),
  place('deep-half', 'Deep half', 'half', '', {
    stance: 'kneeling',
    distance: 'tight',
    tempo: 'actNow',
    tempoReason: 'Every second under the hip he gets deeper.',
    windowCloses: 'when his head is past my far hip',
    reads: [
      he('dh-rolls: rolls me over: sweep: often', 'dh-out: comes out behind: turn: sometimes'),
      timing('dh-on-time: his head is still in front', 'dh-late: his head is past the hip'),
    ],
  }),
  place('closed-guard', 'Closed guard', 'closed', '', {
    stance: 'kneeling',
    distance: 'close',
    legRelation: 'legs locked round my hips',
    hazards: ['Chokes and arm locks: tap early, release at once.'],
    reads: [
      he(
        'cg-breaks: breaks my posture: grip: often',
        'cg-angle: cuts an angle: turn: sometimes',
        'cg-opens: opens the ankles: retention: sometimes',
      ),
    ],
  }),
  place('half-below', 'Half guard, I am below', 'half', '', {
    ownerRole: 'below',
    reads: [he('hb-cross-face: drives the cross-face: frame: often', 'hb-backs-off: backs off: other: sometimes')],
  }),
  place('seated-below', 'Seated guard, I am below', 'open', '', {
    ownerRole: 'below',
    reads: [he('sb-kneels: kneels into me: other: often', 'sb-stands: stands and pushes the knees: other: often')],
  }),
  place('x-far-hip', 'X, far hip', 'open', '', {
    stance: 'standing',
    distance: 'close',
    tempo: 'danger',
    tempoReason: 'Both my legs hang on his hooks.',
    windowCloses: 'when he stretches the legs',
    legRelation: 'one leg on his shoulder, both hooks behind the other',
    source: 'seen at the spring seminar',
    reads: [
      he(
        'xf-stretches: stretches me over: sweep: often: my free foot leaves the mat',
        'xf-changes: changes to single-leg X: hook: sometimes',
        'xf-sits: sits up with the leg: grip: rarely',
      ),
    ],
  }),
  place('seated', 'Seated', 'open', '', {
    stance: 'combat',
    distance: 'far',
    legRelation: 'his feet in front of him',
    reads: [
      he(
        'se-shoots: shoots for the near leg: grip: often: his head drops to my knee',
        'se-leans: leans back on the hands: retention: sometimes',
        'se-drags: drags my arm past: grip: sometimes',
      ),
      cue(
        'posted-hand',
        'posted hand',
        'ph-behind: behind him: other: mostly: his weight is on it',
        'ph-forward: forward: other: often: both hands reach for me',
      ),
    ],
  }),
  place('standing-collar', 'Standing, collar grip', 'standing', '', {
    stance: 'standing',
    distance: 'far',
    legRelation: 'on the feet, facing',
    hazards: ['He pulls guard with his whole weight: go down with him, not against the knee.'],
    reads: [
      he(
        'sc-pulls: pulls guard: other: often: his foot finds my hip',
        'sc-shoots: shoots for a leg: grip: sometimes',
        'sc-circles: circles out: other: sometimes',
      ),
    ],
  }),
  place('sleeve-stripped', 'Sleeve stripped', 'transit', '', { reads: [he('ss-regrips: regrips the collar: grip: often')] }),
  place('biceps-cleared', 'Biceps cleared', 'transit', '', {
    tempo: 'actNow',
    tempoReason: 'The foot comes back at once.',
    reads: [he('bc-reshoots: shoots the foot back: frame: often')],
  }),
  place('lasso-unwound', 'Lasso unwound', 'transit', '', { reads: [he('lu-scissors: scissors the legs: sweep: sometimes')] }),
  place('ankles-in-hand', 'Ankles in hand', 'transit', '', {
    legRelation: 'both feet between us',
    reads: [he('ah-kicks: kicks one leg free: retention: often')],
  }),
  place('hook-turned-out', 'Hook knee turned out', 'transit', 'f', {
    reads: [he('ht-inverts: inverts: turn: sometimes', 'ht-shin: puts the shin in: frame: often')],
  }),
  place('knee-line-safe', 'Knee line safe', 'transit', 'f', {
    hazards: ['Leg entanglement: keep the knee turned out and the heel hidden.'],
    reads: [he('kl-follows: follows to the other leg: hook: sometimes')],
  }),
  place('one-hook-dead', 'One hook dead', 'transit', 'f', { reads: [he('oh-elevates: lifts the other hook: sweep: often')] }),
  place('shield-folded', 'Shield folded', 'transit', 'f', {
    stance: 'kneeling',
    distance: 'close',
    legRelation: 'his shield folded under my hip',
    reads: [he('sf-pummels: pummels the knee back in: retention: often', 'sf-turns: turns to his knees: turn: sometimes')],
  }),
  place('hip-posted', 'Head pinned to the hip', 'transit', 'f', {
    stance: 'combat',
    distance: 'close',
    legRelation: 'his underhook beside my knee',
    reads: [he('hp-whips: whips the legs over: sweep: sometimes')],
  }),
  place('posture-won', 'Posture won', 'transit', '', {
    tempo: 'safe',
    tempoReason: 'Hands on the hips, elbows in: nothing reaches me.',
    reads: [he('pw-pulls: pulls the sleeve across: grip: often')],
  }),
  place('knee-in-tailbone', 'Knee in the tail bone', 'transit', '', {
    stance: 'combat',
    distance: 'close',
    legRelation: 'my knee under his seat',
    reads: [he('kt-climbs: climbs the legs high: submission: sometimes', 'kt-relocks: locks again: retention: often')],
  }),
  place('ankles-opened', 'Ankles opened', 'transit', 'f', {
    tempo: 'actNow',
    tempoReason: 'He closes again or frames within two seconds.',
    reads: [he('ao-shield: brings a knee shield: frame: often', 'ao-hips: feet to the hips: frame: sometimes')],
  }),
];

export const guardMoves: Transition[] = [
  I('collar-sleeve > sleeve-stripped', 'grip', 'I strip the sleeve', {
    contexts: ['gi'],
    when: { he: 'cs-pulls' },
    seconds: 8,
    priority: 1,
    checkpoints: ['Elbow to the hip, then tear down past the knee'],
    mistakes: [{ error: 'Pulls the arm straight up', consequence: 'he follows the sleeve', correction: 'circle the hand outside first' }],
  }),
  I('collar-sleeve > ankles-in-hand', 'grip', 'I square up and take both ankles', { when: { he: 'cs-far-sleeve' } }),
  He('collar-sleeve > stood-up', 'escape', 'he stands', { when: { he: 'cs-stands' } }),
  I('spider > biceps-cleared', 'clear', 'I circle the foot off', { when: { he: 'sp-extends' }, seconds: 7 }),
  He('spider > lasso', 'retention', 'he winds the lasso', { when: { he: 'sp-lasso' } }),
  I('spider > lasso-unwound', 'clear', 'I lift the elbow and unwind', { contexts: ['gi'], when: { he: 'sp-lasso' }, works: 0.4 }),
  I('lasso > lasso-unwound', 'clear', 'I step back and unwind', {
    contexts: ['gi'],
    when: { he: 'la-pulls' },
    mistakes: [
      { error: 'Pulls the arm out with strength', consequence: 'the hook bites deeper', correction: 'turn the knee in and back away' },
    ],
  }),
  He('lasso > swept', 'sweep', 'he spins under me', { when: { he: 'la-spins' } }),
  I('lasso-unwound > leg-drag', 'enter', 'I drag the freed leg across', { works: 0.5 }),
  I('sleeve-stripped > headquarters', 'enter', 'I step the knee in', { checkpoints: ['Lead knee over his shin, hips low'] }),
  He('sleeve-stripped > collar-sleeve', 'retention', 'he regrips', { contexts: ['gi'], when: { he: 'ss-regrips' } }),
  I('biceps-cleared > leg-drag', 'enter', 'I drag while the foot is in the air', { stoppedBy: ['bc-reshoots'] }),
  I('biceps-cleared > headquarters', 'enter', 'I step in behind the foot', { when: { he: 'bc-reshoots' } }),
  I('feet-on-hips > ankles-in-hand', 'grip', 'I take the ankles and step back', {
    schools: ['loose'],
    when: { he: 'fh-ankles' },
    seconds: 6,
  }),
  He('feet-on-hips > spider', 'retention', 'he opens to spider', { when: { he: 'fh-spider' } }),
  I('feet-on-hips > headquarters', 'enter', 'I pin one foot and step in', {
    schools: ['pressure'],
    when: { he: 'fh-spider' },
    works: 0.45,
  }),
  I('ankles-in-hand > legs-thrown', 'pass', 'I throw both legs past', {
    seconds: 5,
    checkpoints: ['Step to the angle before throwing'],
    mistakes: [{ error: 'Enters straight on', consequence: 'the feet find the hips again', correction: 'first step is sideways' }],
  }),
  I('ankles-in-hand > leg-drag', 'enter', 'I drag the leg that stays', { when: { he: 'ah-kicks' }, works: 0.5 }),
  I('de-la-riva > hook-turned-out', 'clear', 'I turn the knee out and kill the hook', {
    when: { he: 'dlr-pushes', timing: 'early' },
    priority: 1,
    mistakes: [{ error: 'Kicks at the hook', consequence: 'it climbs', correction: 'kill its knee first' }],
  }),
  I('de-la-riva > over-under', 'enter', 'I drop to the over-under', {
    schools: ['pressure'],
    when: { he: 'dlr-pushes', timing: 'late' },
    works: 0.45,
  }),
  I('de-la-riva > headquarters', 'enter', 'I push the head foot down and step in', { when: { he: 'dlr-sits' } }),
  He('de-la-riva > single-leg-x', 'sweep', 'he comes out in single-leg X', { when: { he: 'dlr-spins' } }),
  I('hook-turned-out > headquarters', 'enter', 'I slide in to headquarters', { when: { he: 'ht-shin' }, works: 0.65 }),
  He('hook-turned-out > de-la-riva', 'retention', 'he spins back to the hook', { when: { he: 'ht-inverts' } }),
  I('reverse-de-la-riva > headquarters', 'enter', 'I circle the knee inside', { when: { he: 'rdlr-kicks' } }),
  I('reverse-de-la-riva > body-lock', 'enter', 'I sit on the hook and lock the hips', { when: { he: 'rdlr-back' }, works: 0.5 }),
  I('single-leg-x > knee-line-safe', 'clear', 'I turn the knee out and strip the foot', {
    makes: ['foot off the hip'],
    when: { he: 'slx-lifts', timing: 'slx-on-time' },
    checkpoints: ['Knee line first, then the foot on the hip, then the hook'],
    hazards: ['Heel exposed: tap early'],
  }),
  I('single-leg-x > stacked', 'enter', 'I sit down on the leg and stack', {
    tags: ['stack'],
    when: { he: 'slx-lifts', timing: 'slx-late' },
    works: 0.35,
    stoppedBy: ['slx-heel'],
  }),
  He('single-leg-x > submitted', 'submission', 'he catches the heel', {
    when: { he: 'slx-heel' },
    tags: ['heel hook'],
    hazards: ['Twisting leg lock: tap early, release at once.'],
  }),
  I('knee-line-safe > headquarters', 'enter', 'I step over to headquarters', { when: { he: 'kl-follows' } }),
  I('knee-line-safe > body-lock', 'enter', 'I close in to the body lock'),
  I('butterfly > body-lock', 'enter', 'I lock behind the hips', {
    when: { he: 'bf-lies-back' },
    priority: 1,
    checkpoints: ['Ear on the belt line, hands clasped low'],
  }),
  I('butterfly > one-hook-dead', 'clear', 'I sit on one hook', {
    when: { he: 'bf-underhook' },
    mistakes: [
      { error: 'Cross-face before the hook is dead', consequence: 'swept over the live hook', correction: 'hips to the hook first' },
    ],
  }),
  He('butterfly > turtle-mine', 'turn', 'he drags me past', { when: { he: 'bf-drags' } }),
  I('one-hook-dead > over-under', 'enter', 'I thread one arm under', { works: 0.55 }),
  He('one-hook-dead > swept', 'sweep', 'he lifts me over', { when: { he: 'oh-elevates' } }),
  I('one-hook-dead > body-lock', 'enter', 'I drop my hips to his and lock', { when: { he: 'oh-elevates' }, works: 0.5 }),
  I('knee-shield > knee-cut', 'enter', 'I cut behind the pointing knee', {
    when: { 'top-knee': 'tk-in', 'near-arm': 'na-frames' },
    works: 0.4,
    mistakes: [{ error: 'Enters straight on', consequence: 'the shield holds', correction: 'angle first, then the knee' }],
  }),
  I('knee-shield > shield-folded', 'clear', 'I fold the shield with my hip', {
    when: { he: 'ks-frames', 'top-knee': 'tk-out' },
    priority: 1,
  }),
  I('knee-shield > body-lock', 'enter', 'I go under the knee to the lock', { when: { he: 'ks-hooks' }, works: 0.5 }),
  He('knee-shield > half-below', 'sweep', 'he comes up on the underhook', { when: { he: 'ks-underhook' } }),
  I('knee-shield > hip-posted', 'grip', 'I whizzer and pin the head to the hip', {
    when: { he: 'ks-underhook', 'near-arm': 'na-under' },
    works: 0.45,
  }),
  I('shield-folded > half-cleared', 'pass', 'I cut the knee through', { seconds: 9, stoppedBy: ['sf-turns'] }),
  I('shield-folded > turtle', 'followUp', 'I follow the turn to the seat belt', { when: { he: 'sf-turns' }, stoppedBy: ['sf-pummels'] }),
  He('shield-folded > knee-shield', 'retention', 'he pummels the knee back', { when: { he: 'sf-pummels' } }),
  I('shield-folded > over-under', 'enter', 'I drop to the over-under as he pummels', {
    when: { he: 'sf-pummels' },
    stoppedBy: ['sf-turns'],
  }),
  I('hip-posted > half-cleared', 'pass', 'I backstep and free the foot', { works: 0.5 }),
  I('flat-half > half-cleared', 'clear', 'I lift the knee and free the foot', {
    when: { he: 'fl-locks' },
    checkpoints: ['Heel to the buttock, then slide'],
    mistakes: [{ error: 'Heel not pinched', consequence: 'the leg is caught on the way over', correction: 'pinch before sliding' }],
  }),
  He('flat-half > deep-half', 'retention', 'he dives under', { when: { he: 'fl-dives' } }),
  I('deep-half > flat-half', 'clear', 'I sit back and flatten him', { when: { he: 'dh-rolls', timing: 'dh-on-time' } }),
  He('deep-half > swept', 'sweep', 'he rolls me', { when: { he: 'dh-rolls' } }),
  I('closed-guard > posture-won', 'grip', 'I win the posture back', {
    when: { he: 'cg-breaks' },
    seconds: 12,
    checkpoints: ['Hips over knees before hands move'],
  }),
  I('closed-guard > ankles-opened', 'open', 'I step one knee through', { announced: true, when: { he: 'cg-opens' } }),
  He('closed-guard > submitted', 'submission', 'he finishes the arm lock', {
    when: { he: 'cg-angle' },
    tags: ['arm lock'],
    hazards: ['Arm lock: tap early, release at once.'],
  }),
  I('posture-won > knee-in-tailbone', 'open', 'I put the knee in the tail bone', { seconds: 12 }),
  He('posture-won > closed-guard', 'retention', 'he pulls me down again', { when: { he: 'pw-pulls' } }),
  I('knee-in-tailbone > ankles-opened', 'open', 'I push the knee down and open', {
    when: { he: 'kt-relocks' },
    mistakes: [{ error: 'Arms go in before the ankles open', consequence: 'triangle', correction: 'both hands on one side of the leg' }],
  }),
  I('ankles-opened > body-lock', 'enter', 'I close straight to the body lock', { works: 0.55 }),
  I('ankles-opened > headquarters', 'enter', 'I step over one leg', { when: { he: 'ao-hips' } }),
  He('ankles-opened > knee-shield', 'retention', 'he brings the knee shield', { when: { he: 'ao-shield' } }),
  I('half-below > body-lock', 'sweep', 'I come up on the single leg to the lock', { when: { he: 'hb-backs-off' }, works: 0.45 }),
  I('half-below > leg-drag', 'sweep', 'I roll him over into the drag', { when: { he: 'hb-cross-face' }, works: 0.35 }),
  I('x-far-hip > hook-turned-out', 'clear', 'I step back out of the hook and turn the knee', {
    when: { he: 'xf-changes' },
    works: 0.45,
    mistakes: [
      {
        error: 'Pushes his head away with straight legs',
        consequence: 'the stretch gets longer',
        correction: 'knees bent, weight on the shoulder leg',
      },
    ],
  }),
  I('x-far-hip > knee-line-safe', 'clear', 'I sit the hip down on his bottom shin', {
    when: { he: 'xf-stretches' },
    works: 0.4,
    stoppedBy: ['xf-changes'],
    checkpoints: ['Free the shoulder leg first, then the hook behind the knee'],
  }),
  He('x-far-hip > swept', 'sweep', 'he stretches me over', { when: { he: 'xf-stretches' } }),
  He('x-far-hip > single-leg-x', 'retention', 'he slides down to single-leg X', { when: { he: 'xf-changes' } }),
  He('single-leg-x > x-far-hip', 'retention', 'he brings the second hook across', { when: { timing: 'slx-late' } }),
  I('seated > headquarters', 'enter', 'I step outside the near foot and in', {
    when: { 'posted-hand': 'ph-behind', he: 'se-leans' },
    works: 0.6,
    checkpoints: ['Knee past his knee before the hands follow'],
  }),
  I('seated > leg-drag', 'enter', 'I push the head and drag the leg', {
    when: { 'posted-hand': 'ph-forward', he: 'se-shoots' },
    works: 0.5,
    stoppedBy: ['se-leans'],
    mistakes: [{ error: 'Bends at the waist', consequence: 'he has the leg', correction: 'hips back first' }],
  }),
  I('seated > seated', 'grip', 'I pull the collar towards me', {
    contexts: ['gi'],
    provokes: ['ph-behind'],
    seconds: 4,
    works: 0.7,
    notes: 'He posts a hand so as not to fall forward.',
  }),
  He('seated > turtle-mine', 'turn', 'he drags past to my back', { when: { he: 'se-drags' } }),
  I('standing-collar > closed-guard', 'other', 'I follow him down and keep the posture', {
    when: { he: 'sc-pulls' },
    works: 0.7,
    priority: -1,
  }),
  I('standing-collar > feet-on-hips', 'other', 'I stay square as he pulls', {
    when: { he: 'sc-pulls' },
    works: 0.55,
    checkpoints: ['Feet outside his feet'],
  }),
  I('standing-collar > seated', 'grip', 'I snap the collar and circle', { contexts: ['gi'], when: { he: 'sc-circles' }, works: 0.5 }),
  He('standing-collar > stood-up', 'escape', 'he lets go and stands off', { when: { he: 'sc-shoots' } }),
  I('seated-below > over-under', 'sweep', 'I shoot under as he stands', { when: { he: 'sb-stands' }, works: 0.4 }),
  I('seated-below > half-below', 'enter', 'I take the underhook half', { when: { he: 'sb-kneels' } }),
];
