export const openGuards = `
feet-on-hips | Feet on hips | both feet on the hips; hip feet | open | - | neutral
  why: his legs hold me off but hold nothing else
  closes: when he gets a second grip
  seen: legs-open feet-on-hips ankle-grip
  at: far standing | both feet between us
  care: a straight leg kicked hard hurts a knee; keep mine bent
  feeder: push with both feet, hold the ankles lightly, follow my steps
  he grips-ankles | grips both ankles | sweep | his hands slide down to my heels
  he climbs-biceps | climbs a foot to the biceps | hook | one foot leaves the hip and rises
collar-sleeve | Collar and sleeve | collar sleeve; cross collar guard | open | - | neutral
  why: the collar breaks my posture, the sleeve keeps one hand busy
  closes: when my weight comes on to my toes
  seen: legs-open foot-on-hip collar sleeve
  at: far standing | one foot on the hip, one free
  care: collar grips strangle; keep the chin down
  feeder: pull the collar steadily, one foot on the hip, the other leg free
  he pulls-down | pulls me down to the hip | grip | the collar arm bends
  he far-sleeve | goes to the far sleeve | grip | his free hand reaches across
  he stands-up | stands up | sweep | he posts the free hand behind him
spider | Spider | biceps guard; spider guard | open | - | neutral
  why: two sleeves and two feet steer my arms, not my hips
  closes: when one foot sinks to the hip and he spins
  seen: legs-up foot-on-biceps both-sleeves
  at: far standing | both feet between us
  care: locking the elbow straight stretches it; keep it bent
  feeder: feet on both biceps, sleeves tight, extend one leg at a time
  he extends | extends one leg | frame | one arm is pushed straight out
  he lassoes | feeds the lasso | hook | his foot dives round the outside of my arm
  he hips-under | brings the hips under me | sweep | both feet go low and he scoots in
lasso | Lasso | leg lasso; wound leg | open | - | neutral
  why: the wound leg holds my arm and his shoulder to the mat
  closes: when he pulls the arm across
  seen: legs-open leg-round-arm sleeve
  at: middle standing | one leg round my arm
  care: turning against a wound arm strains the shoulder
  feeder: shin across the elbow, foot on the far ribs, sleeve to the hip
  he pulls-across | pulls the arm across | grip | his wound leg turns over
  he spins-under | spins under | sweep | his head goes towards my far foot
spider-lasso | Spider and lasso | lasso spider; one biceps, one wound | open | - | neutral
  why: one arm is wound, the other pushed away
  closes: when the pushing leg straightens fully
  seen: legs-up leg-round-arm foot-on-biceps both-sleeves
  at: far standing | one leg round my arm, one foot on the biceps
  care: the wound shoulder comes first; do not pull straight back
  feeder: wind one leg, push with the other, change only when told
  he pushes | pushes the free arm away | frame | the biceps foot extends
  he triangles | shoots for the triangle | submission | his hips rise off the mat
double-sleeve | Both sleeves | two sleeves; sleeve guard | open | - | safe
  why: with both my hands busy he has no hand to sweep with
  closes: when he lets one sleeve go to take a leg
  seen: legs-open feet-on-hips both-sleeves
  at: far standing | both feet between us
  care: fingers caught in cloth; open the hand to free it
  feeder: hold both sleeves, feet on the hips, no pulling up
  he pulls-in | pulls me on to the knees | grip | both elbows bend at once
  he one-hook | takes one foot behind the knee | hook | a foot leaves the hip downwards
de-la-riva | De La Riva | outside hook guard; dlr | open | - | neutral
  why: the outside hook turns me, but only while he holds the ankle
  closes: when the hook reaches the far thigh
  seen: legs-open hook-outside foot-on-hip ankle-grip
  at: middle standing | hook outside my lead leg
  care: the hooked knee must not be turned inwards; step with the foot
  feeder: hook alive, ankle held, far foot on the hip
  he pushes-hip | pushes the far hip | frame | the far leg straightens
  he spins | spins under | turn | his head goes to my far foot
  he sits | sits up to the ankle | grip | his shoulder leaves the mat
  timing early | the hook is still flat | other | his toes point at the wall
  timing late | the hook is deep already | other | his foot shows on the far side of the thigh
de-la-riva-deep | De La Riva, deep hook | deep outside hook | open | - | actNow
  why: with the hook across both thighs he is on the way to my back
  closes: when his shoulder passes behind my knee
  seen: legs-aside hook-outside ankle-grip collar
  at: close standing | hook outside, across both thighs
  care: falling over the hooked leg twists the knee
  feeder: hook to the far thigh, hold belt or hip, wait for the turn
  he goes-behind | goes behind me | turn | his head disappears behind my hip
  he trips | trips the free leg | sweep | his far foot hooks my other heel
  timing on-time | his shoulders are still flat | other | both shoulder blades touch
  timing too-late | he is on his side already | other | only one shoulder touches
reverse-de-la-riva | Reverse De La Riva | inside hook guard; reverse hook; rdlr | open | - | neutral
  why: the hook behind my knee lifts but does not turn me
  closes: when he wins the far knee with his hand
  seen: legs-open hook-behind foot-on-hip
  at: middle standing | hook inside, behind my lead knee
  care: kneeling hard on a hooked shin hurts both
  feeder: hook behind the knee, other foot on the hip or frame, hand on the ankle
  he kicks | kicks the lead leg out | hook | the hooking leg straightens
  he comes-up | comes up to the back | turn | his elbow posts behind him
  he inverts | inverts under me | retention | his hips pass over his head
x-near-hip | X, near hip | standing x; x guard near; x guard | open | - | danger
  why: both his legs lift one of mine, my base is gone
  closes: when he stands up with the leg
  seen: leg-wrapped two-hooks ankle-grip
  at: tight standing | both hooks on one leg, near hip
  care: falling backwards over a lifted leg; sit down instead
  feeder: both hooks on the near leg, shoulder on the calf, stretch slowly
  he stretches | stretches the leg out | sweep | the top hook pushes my hip away
  he stands | stands up with the leg | sweep | he sits up round my shin
x-far-hip | X, far hip | x guard far | open | - | danger
  why: the far hook controls the leg I would step with
  closes: when my free hand touches the mat
  seen: leg-wrapped two-hooks underhook
  at: tight standing | both hooks on one leg, far hip
  care: keep the weight off a straightened knee
  feeder: one hook on the far hip, one behind the knee, leg on the shoulder
  he lifts | lifts and turns | sweep | both hooks rise together
  he to-single | slides down to single-leg X | hook | his outer foot moves to my hip
reverse-x | Reverse X | reverse x guard; x from behind; x facing away; turned x | open | - | danger
  why: his hooks cross behind my knee and his head is where I cannot reach it
  closes: when he comes up behind me
  seen: leg-wrapped hook-behind underhook
  at: tight standing | both hooks on one leg, he faces away
  care: the lifted knee; sit down rather than fall over it
  feeder: head outside, hooks crossed behind the knee, lift slowly
  he lifts | lifts the leg over his shoulder | sweep | his hips turn under mine
  he comes-behind | comes up behind me | turn | his elbow finds the mat
single-leg-x | Single-leg X | outside ashi; one-leg x; ashi garami; slx; single leg x guard | entanglement | - | actNow
  why: his foot on the hip decides within a second whether the heel is his
  closes: when his second leg comes over the knee line
  seen: leg-wrapped foot-on-hip ankle-grip
  at: close standing | his legs outside round one of mine
  care: leg entanglement; tap early, release at once, no twisting without a coach
  feeder: knees pinched, foot on the hip, heel held without turning
  he lifts | lifts the leg | sweep | his hip bridges under my knee
  he hunts-heel | hunts the heel | submission | his elbow closes round my foot
  timing on-time | before the second leg | other | one knee line is free
  timing too-late | his second leg is over | other | both his knees are on one side
butterfly-flat | Butterfly, flat | butterfly; flat butterfly; both hooks in | open | - | safe
  why: on his back the hooks lift little
  closes: when he sits up under my chest
  seen: legs-open two-hooks frames
  at: close kneeling | both hooks inside
  care: a head under the chin bends the neck; go round it
  feeder: lie flat, hooks alive, hands framing
  he sits-up | sits up | grip | his elbow posts beside him
  he frames | frames on the shoulders | frame | both forearms are vertical
  he kicks-one | kicks one hook high | hook | one knee rises to my chest
butterfly-staggered | Butterfly, sitting | seated butterfly; hooks and underhook | open | - | neutral
  why: sitting up with an underhook he lifts to one side
  closes: when he wins the underhook on the hook's side
  seen: legs-open two-hooks underhook
  at: close kneeling | both hooks inside, he sits
  care: landing on a posted arm; do not post, roll
  feeder: sit tall, one underhook, hook alive on that side
  he underhook | wins the underhook | grip | his elbow slides inside mine
  he drags | drags the arm | grip | my wrist is carried across
  he lies-back | lies back | frame | his head leaves my chest
seated | Seated | seated guard; sitting guard; butt guard | open | - | neutral
  why: he can stand, shoot or lie back
  closes: when he takes a leg
  seen: legs-open no-grips
  at: middle standing | legs open, not touching
  care: a knee into the face when stepping in fast
  feeder: sit, one foot near, one far, hands up
  he shoots | shoots for my leg | sweep | his shoulder drops to my knee
  he leans-back | leans back | frame | both feet leave the floor
  he stands | stands up | other | his rear hand posts
seated-two-on-one | Seated, two on one | seated two on one; arm drag grip | open | - | actNow
  why: both his hands have one of my arms
  closes: when his chest touches my triceps
  seen: legs-open sleeve one-hook
  at: close kneeling | one hook inside, he sits
  care: pulling back against both hands strains the elbow
  feeder: two hands on one wrist, sit on the far hip
  he drags | drags past | turn | my elbow crosses my centre line
  he snaps | snaps me down | grip | his weight hangs on the wrist
  timing on-time | my elbow is still on my side | other | I see my own elbow
  timing too-late | my elbow is past his chest | other | his chest is on my triceps
shin-to-shin | Shin to shin | shin guard; one shin | open | - | neutral
  why: his shin and both hands have one of my legs
  closes: when he stands with the leg
  seen: legs-open shin-on-shin ankle-grip
  at: close standing | his shin against my shin
  care: the caught knee bends forwards only
  feeder: shin across mine, arm round the calf, head inside
  he stands | stands up with the leg | sweep | his far foot steps out
  he rolls-under | rolls under to the entanglement | hook | his head drops outside my foot
inverted | Inverted | upside-down guard; inversion | open | - | actNow
  why: on his shoulders he is between two guards
  closes: when his hips come back down facing me
  seen: legs-up no-grips
  at: middle standing | hips over his head
  care: never put weight on a folded neck
  feeder: roll on to the shoulders slowly, keep the knees apart
  he spins-through | spins through to face me | retention | his far knee appears between us
  he grabs-leg | takes a leg | hook | an arm winds round my ankle
  timing on-time | his hips are at the top | other | both feet point up
  timing too-late | his knees face me again | other | his shins are between us
knees-in | Both shins in | double shin shield; shins across | open | - | neutral
  why: both shins keep my chest away
  closes: when one knee drops outside my elbow
  seen: legs-open frames
  at: close kneeling | both shins between us
  care: driving a knee towards his face by accident
  feeder: both shins on the chest, hands on my wrists
  he kicks-off | kicks me off | frame | both knees straighten
  he one-out | lets one knee out to hook | hook | one shin drops below my arm
legs-up | Legs up, nothing held | legs in the air; open with no grips | open | - | safe
  why: without grips his feet only fend off
  closes: when he catches a sleeve or an ankle
  seen: legs-up no-grips
  at: far standing | both feet between us
  care: kicks to the head; a hand up when stepping in
  feeder: feet up, follow my hips with the feet, no grips
  he follows | follows me with the feet | retention | his hips turn on the spot
  he catches-ankle | catches an ankle | grip | his hand shoots to my heel
foot-hip-ankle | Foot on hip, ankle in hand | tripod grip; ankle and hip | open | - | neutral
  why: hip pushed and heel held make me sit
  closes: when his free foot finds my other heel
  seen: legs-open foot-on-hip ankle-grip
  at: middle standing | one foot on the hip
  care: fall by sitting, not on a straight arm
  feeder: one foot on the hip, hand behind the same-side heel
  he sweeps-heel | hooks the other heel | sweep | his low foot disappears behind me
  he retreats | rolls his hips away | retention | the hip foot goes light
lapel-wrap | Lapel round my leg | lapel guard; wrapped lapel | open | - | neutral
  why: my own lapel ties my leg to his hand
  closes: when he passes the lapel to the other hand
  seen: legs-open hook-outside collar
  at: middle standing | lapel round my lead leg
  care: a tied leg cannot step; fall slowly
  feeder: lapel under the knee, held at the hip, foot on the hip
  he tightens | tightens and off-balances me | sweep | his hips slide away
  he changes-hand | changes hands on the lapel | grip | both hands meet behind my knee
seated-collar | Seated, collar and ankle | sitting collar guard | open | - | neutral
  why: collar down and ankle up make one lever
  closes: when my head is below my hips
  seen: legs-open collar ankle-grip
  at: close standing | he sits before my lead leg
  care: head down near a rising knee
  feeder: sit, collar in one hand, heel in the other
  he drags-collar | drags the collar to the mat | grip | the collar elbow goes to the floor
  he lifts-ankle | lifts the ankle | sweep | he comes to one knee
`;
