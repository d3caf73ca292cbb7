export const legsAndHubs = `
outside-entanglement | Outside entanglement | legs outside; outside leg entanglement | entanglement | - | actNow
  why: his legs fold my knee inwards
  closes: when both his feet are on one side of my hip
  seen: leg-wrapped foot-on-hip ankles-crossed ankle-grip
  at: close standing | his legs outside round one of mine
  care: twisting leg locks; tap before it hurts, many rules forbid them
  feeder: legs round one of mine, knees pinched, heel held without turning
  he hunts-heel | hunts the heel | submission | my toes slide into his armpit
  he off-balances | tips me over | sweep | his feet push my hip
  timing on-time | my knee is past his hips | other | I can kneel
  timing too-late | my knee is inside his | other | both his knees are above mine
inside-entanglement | Inside entanglement | legs inside; inside leg position; inside ashi | entanglement | - | actNow
  why: his shin behind my knee keeps me from standing
  closes: when he has the second leg too
  seen: leg-wrapped ankles-crossed
  at: close seated | his legs inside round one of mine
  care: knee and ankle locks; release at the tap
  feeder: triangle the legs inside, hold the foot softly
  he catches-second | catches the second leg | hook | his arm winds round my free knee
  he hunts-heel | hunts the heel | submission | his chest comes to my foot
  timing on-time | my second leg is free | other | my far foot is on his hip
  timing too-late | both legs are caught | other | my knees touch
crossed-entanglement | Crossed entanglement | cross leg entanglement; leg across; saddle; leg saddle; inside saddle | entanglement | - | danger
  why: my leg is across his body and my hip is gone
  closes: when my heel is behind his elbow
  seen: leg-wrapped ankles-crossed ankle-grip
  at: tight lying | my leg across his body
  care: the most dangerous place for a knee; beginners start over instead
  feeder: legs locked, foot across the chest, no lock applied
  he finishes | goes for the finish | submission | his hips rise under my knee
  he adjusts | adjusts the legs | hook | the top knee opens
turned-entanglement | Crossed entanglement, turned over | turned-over saddle; turned saddle; reverse saddle; inverted saddle; belly-down saddle | entanglement | - | danger
  why: he is belly down and my knee has no room to turn with him
  closes: when his hips are flat on the mat
  seen: leg-wrapped ankles-crossed knees-down ankle-grip
  at: tight lying | my leg across his body, both belly down
  care: the knee; tap at the first touch, only with a coach
  feeder: turn over slowly, no lock applied
  he flattens | flattens his hips | submission | his hip bones come to the mat
  he rolls-back | rolls back to his side | hook | one shoulder lifts
mirrored-entanglement | Legs mirrored | mirrored legs; same legs tangled; fifty-fifty; 50-50; fifty fifty guard | entanglement | - | neutral
  why: both have the same legs and the same chances
  closes: when he comes on top
  seen: leg-wrapped ankle-grip
  at: close seated | our legs mirrored
  care: both knees can be hurt; agree on the tap
  feeder: same legs as mine, hold the far ankle
  he comes-up | comes up on top | sweep | his hand posts behind him
  he holds | waits for the whistle | other | he only squeezes
knee-line-safe | Knee line safe | knee past the hips; knee free | transit | feet | safe
  why: with the knee past his hips nothing twists
  closes: when he pulls the knee back in
  seen: leg-wrapped no-grips
  at: close kneeling | my knee past his hips
  care: do not kneel on his ankle
  feeder: keep the legs round mine but let the knee through
  he pulls-back | pulls the knee back in | hook | his feet hook behind my calf
  he lets-go | lets go and re-guards | retention | both knees come to his chest
turtle-tight | Turtle, tight | turtle; elbows and knees | turtle | feet,knees,hips | neutral
  why: round and tight he gives nothing, but he cannot see me
  closes: when he grips my leg or my wrist
  seen: knees-down no-grips
  at: close kneeling | I am beside his hips
  care: weight on the back of the neck
  feeder: elbows to knees, hands at the neck
  he rolls | rolls to guard | retention | his far shoulder dips
  he grips-wrist | grips my wrist | grip | his hand leaves his neck
turtle-posting | Turtle, hands out | open turtle; hands posted | turtle | feet,knees,hips | actNow
  why: posted hands mean he is about to stand
  closes: when one foot is flat on the mat
  seen: knees-down frames
  at: close kneeling | I am beside his hips
  care: elbows when he sits out
  feeder: on hands and knees, get ready to stand
  he stands | stands up | other | his toes tuck under
  he sits-out | sits out | turn | one hand lifts
  timing on-time | both knees are down | other | his shins are flat
  timing too-late | a foot is flat already | other | one knee is up
turtle-seat-belt | Turtle, seat belt | seat belt; chest on the back | turtle | feet,knees,hips | safe
  why: over and under the arms he carries me
  closes: when he strips the top hand
  seen: knees-down chest-on-back sleeve
  at: tight kneeling | my chest on his back
  care: choke comes later; hold, do not squeeze
  feeder: carry my weight, fight the top hand
  he hand-fights | fights the top hand | grip | both his hands are on my wrist
  he rolls | rolls over the shoulder | turn | his head goes under
  he stands | stands up with me | other | his hips rise under mine
standing-square | Standing, square | on the feet; neutral standing | standing | - | neutral
  why: nobody has a leg or a grip yet
  closes: when he sits to guard or shoots
  seen: no-grips
  at: far standing | on the feet, square
  care: throws and take-downs; mats and space first
  feeder: stand, hands up, sit to guard when told
  he sits | sits to guard | other | one hand reaches back
  he shoots | shoots for a leg | sweep | his level drops
standing-collar | Standing, collar grip | one collar standing; collar tie | standing | - | neutral
  why: the collar lets me steer his head
  closes: when he has both my sleeves
  seen: collar sleeve
  at: middle standing | on the feet, gripped
  care: throws; land flat, slap with the arm
  feeder: stand in grips, pull guard when told
  he pulls-guard | pulls guard | other | a foot goes to my hip
  he circles | circles out | turn | his lead foot crosses
single-leg-up | Single leg, mine | leg in hand; standing single leg | standing | - | neutral
  why: one leg in my hands makes him hop
  closes: when he turns his back to kick free
  seen: no-grips
  at: close standing | I hold one of his legs
  care: falling on an arm; let him sit
  feeder: one leg given, hop, sit when tipped
  he sits | sits down | other | his hands reach back
  he whizzers | whizzers | grip | his arm winds over mine
headquarters | Headquarters | one leg trapped; middle split; head quarters; middle position | hub | feet | safe
  why: one leg is between mine and nothing to tap to until it comes out
  closes: when his trapped leg is free again
  seen: his-leg-between legs-open frames
  at: middle combat | one of his legs between mine
  care: his trapped knee under my weight
  feeder: one leg between mine, hands as told
  he frames-hip | frames on the hip | frame | his hand is flat on my hip bone
  he underhooks-leg | underhooks the far leg | grip | his arm scoops behind my knee
  he pummels | pummels the leg high | retention | his free knee rises to his chest
  he sits-up | sits up to me | turn | his head comes forward
  cue:inside-knee out | points out | other | the knee aims away from me
  cue:inside-knee middle | stays in the middle | other | the knee aims at the ceiling
  cue:inside-knee across | points across | other | the knee aims at my other side
leg-drag | Leg drag | dragged leg; leg across my hip | hub | feet,knees,hips | safe
  why: both legs on one side cannot come back while my hip holds them
  closes: when his knee slips back in
  seen: legs-aside leg-dragged frames
  at: close combat | both his legs on one side
  care: lower back twisted; settle, do not bounce
  feeder: leg across, shoulders flat, hands free
  he pulls-back | pulls the leg back in | retention | his knee bends to his chest
  he frames-face | frames on the face | frame | both hands are at my jaw
  he inverts | inverts | retention | his far shoulder tucks
  he turns-away | turns away | turn | I see his shoulder blade
body-lock | Body lock | hands locked round the hips; hip lock | hub | feet,knees | safe
  why: hands locked behind his hips, he cannot leave and I can rest
  closes: when he opens my hands
  seen: legs-open hands-locked frames
  at: tight kneeling | my hands locked behind his hips
  care: ribs; squeeze the hips, not the breath
  feeder: let the lock close, hips as told, hands on my head or shoulders
  he wraps-neck | wraps the neck | submission | his arm goes round my head
  he frames-forehead | frames on the forehead | frame | his palm pushes my brow
  he keeps-hook | keeps a hook alive | hook | one foot still lifts my thigh
  cue:hips flat | flat | other | both hip bones face the ceiling
  cue:hips turned-in | turned in | other | his belly faces me
  cue:hips turned-away | turned away | other | I feel his hip bone, not his belly
over-under | Over-under | over under; one arm over, one under | hub | feet,knees | safe
  why: one leg over, one under: he can turn only to my side
  closes: when the top leg weaves in
  seen: legs-open over-under collar
  at: tight kneeling | one leg over my arm, one under
  care: strangle by the free leg; keep the head low on the far hip
  feeder: legs over and under, hands on belt or head
  he weaves | weaves the top leg in | retention | his knee crosses my face
  he turns | turns to his knees | turn | his far hip lifts
  he triangles | threatens the triangle | submission | his top leg climbs my neck
double-under | Double under | both legs on my shoulders; double-under hips | hub | feet,knees | neutral
  why: his hips are off the mat, he has only shoulders
  closes: when he gets a knee back inside
  seen: legs-up legs-on-shoulders frames
  at: tight kneeling | both arms under his legs
  care: stacking folds the spine; no weight on the neck
  feeder: hips up, hands on my wrists or head
  he sits-heavy | sits heavy | frame | his hips drop between my elbows
  he knee-inside | gets a knee inside | retention | a knee presses my shoulder
  he grips-belt | grips my belt | grip | his hand goes over my back
toreando-grip | Both ankles in hand | ankles pinned; toreando grip; bullfighter grip; both feet in hand | transit | - | actNow
  why: pinned for a moment, both feet are out of the fight
  closes: when one heel comes back to my hip
  seen: legs-open no-grips
  at: middle standing | both his ankles in my hands
  care: his knees towards my face
  feeder: let the ankles be held, then bring a knee in
  he circles-knee | circles a knee in | retention | one heel slips outside my hand
  he sits-up | sits up to my arms | grip | his chest leaves the mat
  timing on-time | both heels are on the mat | other | his knees are straight
  timing too-late | one knee is bent in already | other | a shin is between us
stack | Stacked | folded over; stack | transit | feet,knees | neutral
  why: folded over he has neither hips nor legs
  closes: when he rolls over a shoulder
  seen: legs-up arms-round-head
  at: tight kneeling | his knees beside his ears
  care: spine and neck; slowly, not with beginners or children
  feeder: let the hips go over, keep the chin tucked
  he rolls-over | rolls over the shoulder | turn | his head goes to one side
  he pushes-hips | pushes my hips | frame | both hands find my belt
long-step | Long step | back step over; stepped over; back step; backstep | transit | feet,knees | neutral
  why: stepped over, my hip blocks his far hip
  closes: when he follows with the knee
  seen: legs-aside underhook
  at: close seated | I sit past his knee facing his legs
  care: sitting down on his knee
  feeder: let the step pass, follow with the hips when told
  he follows | follows the hip | retention | his knee points after me
  he underhooks | underhooks from below | grip | his arm goes under my far leg
knee-cut | Knee cut | knee across the thigh; cut across; knee slice; knee slide | transit | feet,knees | actNow
  why: my knee pins one thigh, the underhook decides the rest
  closes: when his underhook meets my armpit
  seen: leg-between frames
  at: close combat | my shin across his thigh
  care: shin bone on the inside of a thigh
  feeder: thigh pinned, fight for the underhook
  he underhook | wins the underhook | grip | his elbow is deeper than mine
  he shield | brings the knee shield back | retention | his top knee finds my chest
  timing on-time | my knee has touched the mat | other | my heel still hooks his leg
  timing too-late | he is on his side with the underhook | other | his shoulder is off the mat
smash | Knees smashed together | knees stapled; legs folded to the mat | transit | feet,knees | safe
  why: both knees to one side under my hips
  closes: when the bottom knee slides out
  seen: legs-aside underhook
  at: close kneeling | both his knees under my hips
  care: weight on stacked knees
  feeder: knees together on one side, turn as told
  he turns-away | turns away | turn | I see his back
  he slides-knee | slides the bottom knee out | retention | his heel scrapes the mat
`;
