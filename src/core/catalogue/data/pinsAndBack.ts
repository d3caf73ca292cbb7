export const pinsAndBack = `
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
  seen: legs-past chest-on-chest underhook
  at: tight kneeling | beside him, chest to chest
  care: cross-face on the jaw; steady pressure
  feeder: one frame, one bridge, then rest
  he bridges-turns | bridges and turns | turn | his head looks for my far side
  he knee-under | sneaks the knee under | retention | his heel comes to his seat
side-pin | Side pin | side pin settled; side control held; side mount; cross side | pin | feet,knees,hips,chest,head | safe
  why: nothing of his is between us
  closes: when I move before I must
  seen: legs-past chest-on-chest no-grips
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
  seen: legs-past sitting-on-him frames
  at: tight kneeling | astride his hips
  care: a fall when bridged; post with the hand flat
  feeder: elbows in, one bridge, one elbow escape
  he bridges | bridges | turn | both feet are flat and close
  he elbow-knee | puts an elbow to a knee | retention | he turns on one hip
mount-high | Mount | high mount; knees in the armpits; the mount; full mount | pin | feet,knees,hips,chest,head | safe
  why: knees under his armpits, the bridge goes nowhere
  closes: when an elbow gets inside my knee
  seen: legs-past sitting-on-him frames
  at: tight kneeling | astride his chest
  care: breathing; lift when asked
  feeder: arms crossed, one bridge
  ends: settled
three-quarter | Three-quarter mount | mount, foot caught; three quarter mount | transit | feet,knees,hips,chest | safe
  why: only my foot is caught and my hips are past
  closes: when he re-traps the knee
  seen: leg-between sitting-on-him arms-round-head
  at: tight kneeling | astride, one foot caught
  care: twisting the caught foot out
  feeder: hold the foot with both feet
  he traps | traps the foot | hook | both his feet squeeze
  he elbow-knee | puts an elbow to my knee | retention | he turns to the caught side
knee-on-belly | Knee on belly | knee ride; knee on the stomach; knee on the belly; knee on chest; knee mount; kob | transit | feet,knees,hips,chest | actNow
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
scarf | Scarf hold | hip pin, facing the head; scarf; kesa; head and arm pin | pin | feet,knees,hips,chest | neutral
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
  seen: knees-down chest-on-back sleeve
  at: tight seated | behind him, one hook
  care: chokes; tap early
  feeder: fight the hands, slide the hips when told
  he slides-hips | slides the hips out | turn | his hips go to the free side
  he strips-hand | strips the top hand | grip | two of his hands on one of mine
back-two-hooks | Back, two hooks | back mount; back with hooks; back control; the back; rear mount; back taken; both hooks from behind | back | feet,knees,hips,chest,head | safe
  why: both hooks and the seat belt: he cannot see me
  closes: when a hook is stepped over
  seen: chest-on-back sleeve
  at: tight seated | behind him, both hooks
  care: strangles; tap early, let go at once
  feeder: defend the neck, one escape
  ends: back
back-flat | Back, flattened | flat back mount; belly down | back | feet,knees,hips,chest,head | safe
  why: on his belly he has neither hips nor hands
  closes: when he gets a knee under
  seen: chest-on-back no-grips
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
neck-held | Strangle held | neck isolated; choke hold; choke | submission | feet,knees,hips,chest,head | neutral
  why: both sides of the neck are closed
  closes: when a hand gets inside
  seen: knees-down collar
  at: tight seated | behind him, neck held
  care: strangle; release at the tap at once
  feeder: tap early
  ends: submission
calf-lock | Calf lock | calf slicer; calf crush; shin behind the knee | submission | feet,knees,hips,chest,head | neutral
  why: my shin behind his knee leaves the leg no way to fold
  closes: when he straightens the leg
  seen: leg-wrapped knees-down
  at: tight seated | behind him, my shin behind his knee
  care: knee and calf; slowly, release at the tap; many cards forbid it
  feeder: give the leg, tap early
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
