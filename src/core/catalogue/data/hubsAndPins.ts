export const hubsAndPins = `
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
inside-entanglement | Inside entanglement | legs inside; inside leg position | entanglement | - | actNow
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
crossed-entanglement | Crossed entanglement | cross leg entanglement; leg across | entanglement | - | danger
  why: my leg is across his body and my hip is gone
  closes: when my heel is behind his elbow
  seen: leg-wrapped ankles-crossed ankle-grip
  at: tight lying | my leg across his body
  care: the most dangerous place for a knee; beginners start over instead
  feeder: legs locked, foot across the chest, no lock applied
  he finishes | goes for the finish | submission | his hips rise under my knee
  he adjusts | adjusts the legs | hook | the top knee opens
mirrored-entanglement | Legs mirrored | mirrored legs; same legs tangled | entanglement | - | neutral
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
  seen: knees-down sleeve
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
headquarters | Headquarters | one leg trapped; middle split | hub | feet | safe
  why: one leg is between mine and nothing to tap to until it comes out
  closes: when his trapped leg is free again
  seen: legs-open frames
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
  seen: legs-aside frames
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
  seen: legs-open frames
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
  seen: legs-open collar
  at: tight kneeling | one leg over my arm, one under
  care: strangle by the free leg; keep the head low on the far hip
  feeder: legs over and under, hands on belt or head
  he weaves | weaves the top leg in | retention | his knee crosses my face
  he turns | turns to his knees | turn | his far hip lifts
  he triangles | threatens the triangle | submission | his top leg climbs my neck
double-under | Double under | both legs on my shoulders; double-under hips | hub | feet,knees | neutral
  why: his hips are off the mat, he has only shoulders
  closes: when he gets a knee back inside
  seen: legs-up frames
  at: tight kneeling | both arms under his legs
  care: stacking folds the spine; no weight on the neck
  feeder: hips up, hands on my wrists or head
  he sits-heavy | sits heavy | frame | his hips drop between my elbows
  he knee-inside | gets a knee inside | retention | a knee presses my shoulder
  he grips-belt | grips my belt | grip | his hand goes over my back
toreando-grip | Both ankles in hand | ankles pinned; toreando grip | transit | - | actNow
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
long-step | Long step | back step over; stepped over | transit | feet,knees | neutral
  why: stepped over, my hip blocks his far hip
  closes: when he follows with the knee
  seen: legs-aside underhook
  at: close seated | I sit past his knee facing his legs
  care: sitting down on his knee
  feeder: let the step pass, follow with the hips when told
  he follows | follows the hip | retention | his knee points after me
  he underhooks | underhooks from below | grip | his arm goes under my far leg
knee-cut | Knee cut | knee across the thigh; cut across | transit | feet,knees | actNow
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
hips-killed | Hips killed | hips flat and heavy; past the legs, hips pinned | transit | feet,knees,hips | safe
  why: with his hips pinned the legs only kick
  closes: when he bridges
  seen: legs-past underhook
  at: tight kneeling | my hips on his hips
  care: breathing under pressure; ease when asked
  feeder: hips flat, one bridge when told
  he bridges | bridges | turn | both heels pull in
  he digs | digs the underhook | grip | his hand slides along his ribs
side-low | At his side, low | side, hips held; low side control | transit | feet,knees,hips | neutral
  why: past the legs, but his knee and frames still live
  closes: when the knee comes back in
  seen: legs-past frames
  at: close kneeling | beside his hips
  care: frames against the throat
  feeder: frames at hip and neck, try one knee-in
  he frames | frames on the hip | frame | his forearm is across my hip bone
  he knee-in | slips the knee in | retention | his hip slides away
  he turns-knees | turns to his knees | turn | his far shoulder lifts
side-chest | Side, chest down | side control; chest to chest | pin | feet,knees,hips,chest | safe
  why: chest on chest, cross-face and hip closed
  closes: when his near knee gets under
  seen: legs-past underhook
  at: tight kneeling | beside him, chest to chest
  care: cross-face on the jaw; steady pressure
  feeder: one frame, one bridge, then rest
  he bridges-turns | bridges and turns | turn | his head looks for my far side
  he knee-under | sneaks the knee under | retention | his heel comes to his seat
side-pin | Side pin | side pin settled; side control held | pin | feet,knees,hips,chest,head | safe
  why: nothing of his is between us
  closes: when I move before I must
  seen: legs-past no-grips
  at: tight kneeling | beside him, settled
  care: weight off the throat
  feeder: rest, then one honest escape
  ends: settled
north-south | North-south | head to head pin; over the head | pin | feet,knees,hips,chest,head | safe
  why: his legs are as far from me as they get
  closes: when he sits up behind
  seen: legs-past frames
  at: tight lying | head to head
  care: do not lie on the face
  feeder: hold the hips, one bridge
  ends: settled
walk-to-head | Walking to the head | on the way to north-south; going round | transit | feet,knees,hips,chest | neutral
  why: his hips are behind me, both arms are in front
  closes: when he turns to his knees
  seen: legs-past frames
  at: close kneeling | beside his shoulders
  care: knees near the face
  feeder: frame on the hips, turn when told
  he frames-hips | frames on my hips | frame | both palms are on my hips
  he turns-in | turns to his knees | turn | his near elbow drops
mount-low | Mount, low | low mount; hips on hips | pin | feet,knees,hips,chest | neutral
  why: over the legs, but his hips can still bridge
  closes: when an elbow meets a knee
  seen: legs-past frames
  at: tight kneeling | astride his hips
  care: a fall when bridged; post with the hand flat
  feeder: elbows in, one bridge, one elbow escape
  he bridges | bridges | turn | both feet are flat and close
  he elbow-knee | puts an elbow to a knee | retention | he turns on one hip
mount-high | Mount | high mount; knees in the armpits | pin | feet,knees,hips,chest,head | safe
  why: knees under his armpits, the bridge goes nowhere
  closes: when an elbow gets inside my knee
  seen: legs-past frames
  at: tight kneeling | astride his chest
  care: breathing; lift when asked
  feeder: arms crossed, one bridge
  ends: settled
three-quarter | Three-quarter mount | mount, foot caught; three quarter mount | transit | feet,knees,hips,chest | safe
  why: only my foot is caught and my hips are past
  closes: when he re-traps the knee
  seen: leg-between arms-round-head
  at: tight kneeling | astride, one foot caught
  care: twisting the caught foot out
  feeder: hold the foot with both feet
  he traps | traps the foot | hook | both his feet squeeze
  he elbow-knee | puts an elbow to my knee | retention | he turns to the caught side
knee-on-belly | Knee on belly | knee ride; knee on the stomach | transit | feet,knees,hips,chest | actNow
  why: it moves everything and holds nothing
  closes: when he turns under the knee
  seen: legs-past frames
  at: close combat | knee on his belly
  care: ribs; weight on the shin, not the point of the knee
  feeder: push the knee, turn when told
  he pushes-knee | pushes the knee | frame | both hands are on my knee
  he turns-away | turns away | turn | his shoulder leaves the mat
  timing on-time | his hands go to the knee | other | his elbows leave his ribs
  timing too-late | he is on his side | other | I see his shoulder blade
scarf | Scarf hold | hip pin, facing the head; scarf | pin | feet,knees,hips,chest | neutral
  why: arm and head held, my hip at his ribs
  closes: when he gets behind my back
  seen: legs-past underhook
  at: tight seated | I sit beside his head
  care: neck and ribs; no crank
  feeder: hold round the waist, bridge over the shoulder
  he to-back | goes to my back | turn | his arm appears at my far side
  he bridges-over | bridges me over | sweep | his hips come under mine
back-one-hook | One hook in | half back; one hook | back | feet,knees,hips,chest | neutral
  why: one hook and the seat belt hold, for a moment
  closes: when his hips touch the mat
  seen: knees-down sleeve
  at: tight seated | behind him, one hook
  care: chokes; tap early
  feeder: fight the hands, slide the hips when told
  he slides-hips | slides the hips out | turn | his hips go to the free side
  he strips-hand | strips the top hand | grip | two of his hands on one of mine
back-two-hooks | Back, two hooks | back mount; back with hooks | back | feet,knees,hips,chest,head | safe
  why: both hooks and the seat belt: he cannot see me
  closes: when a hook is stepped over
  seen: knees-down sleeve
  at: tight seated | behind him, both hooks
  care: strangles; tap early, let go at once
  feeder: defend the neck, one escape
  ends: back
back-flat | Back, flattened | flat back mount; belly down | back | feet,knees,hips,chest,head | safe
  why: on his belly he has neither hips nor hands
  closes: when he gets a knee under
  seen: knees-down no-grips
  at: tight lying | on his back, he is flat
  care: lower back; no hyper-extension
  feeder: lie flat, try a knee
  ends: back
leg-ride | Leg ride | one leg laced from behind; ride | back | feet,knees,hips | neutral
  why: laced leg and hip control, hands still free
  closes: when he sits back on my leg
  seen: knees-down ankle-grip
  at: tight kneeling | behind him, one leg laced
  care: twist of the laced knee
  feeder: turtle, carry the ride, sit back when told
  he sits-back | sits back on the leg | turn | his hips come to my thigh
  he kicks-out | kicks the leg out | retention | his heel goes up
arm-isolated | Far arm isolated | far arm locked; shoulder lock hold | submission | feet,knees,hips,chest,head | neutral
  why: one arm is away from the body
  closes: when his hands meet
  seen: legs-past frames
  at: tight kneeling | beside him, one arm isolated
  care: shoulder lock; slowly, release at the tap
  feeder: give the arm, tap early
  ends: submission
neck-held | Strangle held | neck isolated; choke hold | submission | feet,knees,hips,chest,head | neutral
  why: both sides of the neck are closed
  closes: when a hand gets inside
  seen: knees-down collar
  at: tight seated | behind him, neck held
  care: strangle; release at the tap at once
  feeder: tap early
  ends: submission
swept | Swept | turned over; on the bottom | lost | - | neutral
  why: he is on top now
  closes: when he settles
  seen: no-grips
  at: close lying | he is on top
  care: fall flat, chin down
  feeder: come up and stop
  ends: swept
submitted | Submitted | tapped; caught | lost | - | danger
  why: the tap ends it
  closes: at the tap
  seen: no-grips
  at: tight lying | caught
  care: tap early and often in training
  feeder: stop at the tap
  ends: submitted
stood-up | Stood up | back on the feet; disengaged | lost | - | neutral
  why: nobody holds anybody
  closes: when grips are taken
  seen: no-grips
  at: far standing | on the feet, apart
  care: space to the next pair
  feeder: step back and start again
  ends: escaped
`;
