export const halfAndClosed = `
half-flat | Half, flat | flat half; half guard flat; half guard; half | half | feet | safe
  why: flat on his back he has no frame and no angle
  closes: when he gets to his side
  seen: leg-between frames
  at: close kneeling | one leg caught, he is flat
  care: heavy cross-face on the neck; shift, do not crank
  feeder: lie flat, hold the leg between the knees, no frames
  he to-side | gets to his side | turn | his outside shoulder rises
  he locks | locks the legs | hook | his ankles cross behind my calf
  he dives | dives under to deep half | hook | his head goes to my hip
half-on-side | Half, on his side | half guard side; knee line half | half | - | neutral
  why: on his side both frames and underhook live
  closes: when the underhook reaches my far armpit
  seen: leg-between underhook
  at: close kneeling | one leg caught, he is on his side
  care: his knee turned under my weight
  feeder: on the side, underhook, hold the leg
  he comes-up | comes up on the underhook | sweep | his knee slides under him
  he frames | frames on the neck | frame | his forearm crosses my throat line
half-underhook | Half, deep underhook | dogfight grip; half with underhook; dogfight; underhook half guard | half | - | actNow
  why: he is under my arm and one step from my back
  closes: when his knees come under him
  seen: leg-between underhook knees-down
  at: tight kneeling | one leg caught, he is under my arm
  care: whizzer pressure on the shoulder; steady, not jerked
  feeder: head on my ribs, arm round the back, wait for the push
  he comes-up | comes up | sweep | his hips leave the mat
  he goes-behind | goes behind me | turn | his head slips out at the back
  timing on-time | his hip is on the mat | other | I feel his weight
  timing too-late | he is on both knees | other | our shoulders are level
knee-shield-high | Knee shield, high | knee shield; high knee shield; shin across the chest; z guard; knee shield half | half | - | neutral
  why: his knee keeps my chest away and my head up
  closes: when he catches an underhook
  seen: leg-between knee-across frames
  at: middle kneeling | knee across my chest
  care: folding the shield twists his knee if I rush
  feeder: knee on the chest, lower leg hooked, both forearms framing
  he digs | digs the underhook | grip | his top elbow leaves his ribs
  he frames | frames on the neck | frame | his hand is on my collar bone
  he feeds-hook | feeds a hook under | hook | his lower foot slides inside
  cue:top-knee out | points out | other | the knee aims past my shoulder
  cue:top-knee in | points at me | other | the knee aims at my chest
knee-shield-low | Knee shield, low | low knee shield; shin across the hips | half | - | safe
  why: the low shin cannot stop my shoulders
  closes: when the knee rises to my chest
  seen: leg-between knee-low sleeve
  at: close kneeling | knee across my hips
  care: weight on a knee that points inwards
  feeder: shin across my belt line, hand on the sleeve
  he raises | raises the knee | retention | his hip slides away first
  he underhooks | takes the underhook | grip | his hand disappears under my arm
half-locked | Half, legs locked | locked half; ankles crossed half | half | feet | safe
  why: locked legs hold my foot but give up the frames
  closes: when he opens them to move
  seen: leg-between ankles-crossed
  at: close kneeling | one leg caught, ankles crossed
  care: the caught foot, when I turn out of it
  feeder: cross the ankles, squeeze, flat back
  he squeezes | squeezes and stretches | hook | my foot is pulled back
  he opens | opens to shrimp | retention | the ankles uncross
half-laced | Half, leg laced | laced half; calf stretched | half | - | neutral
  why: the laced calf stretches and stops my knee
  closes: when both his arms are under mine
  seen: leg-between ankles-crossed underhook
  at: tight kneeling | one leg laced and stretched
  care: calf and knee stretch; tap, or straighten with the lace
  feeder: lace the foot, stretch gently, underhook
  he stretches | stretches the leg | hook | my knee leaves the mat
  he whips | whips up on the underhook | sweep | he bridges to one side
deep-half | Deep half | deep half guard; under my hips | half | - | actNow
  why: every second under the hip he gets deeper
  closes: when his head is past my far hip
  seen: leg-wrapped underhook
  at: tight kneeling | he is under my hip
  care: sitting on his face or neck
  feeder: head on the hip, arms round the thigh, wait
  he rolls | rolls me over | sweep | his knees turn away from me
  he comes-out | comes out behind | turn | his head shows behind my leg
  timing on-time | his head is still in front | other | I can see his face
  timing too-late | his head is past the hip | other | only his knees are in front
quarter | Quarter, foot caught | quarter guard; foot only | half | feet,knees,hips | neutral
  why: only my foot is left behind
  closes: when he turns and re-traps the knee
  seen: leg-between knee-low
  at: close kneeling | only the foot is caught
  care: pulling a trapped foot out with a twist
  feeder: hold the foot with both feet, frame on the hip
  he retraps | re-traps the knee | retention | his top knee hooks over
  he turns-in | turns in | turn | his shoulder rises towards me
half-butterfly | Half, butterfly hook | half butterfly; hook and half | half | - | neutral
  why: one hook lifts, one leg holds
  closes: when the hook meets an underhook
  seen: leg-between one-hook
  at: close kneeling | one leg caught, one hook inside
  care: landing on his knee when sitting back
  feeder: hook under the thigh, other leg over mine
  he elevates | elevates me | sweep | my far knee leaves the mat
  he switches | switches to single-leg X | hook | his top foot finds my hip
half-reverse | Half, I face the legs | reverse half; back-step half | half | feet,knees | neutral
  why: facing his legs I can free the foot, he can take my back
  closes: when he sits up behind me
  seen: leg-between underhook
  at: tight kneeling | I face his legs, one foot caught
  care: sitting on his knee sideways
  feeder: hold the foot, hand on my far hip
  he sits-up | sits up behind me | turn | his chest touches my back
  he holds-foot | holds the foot | hook | the knees pinch
half-below | Half guard, I am below | bottom half; underhook half | half | - | neutral
  why: from below with the underhook I can come up
  closes: when he flattens me
  seen: leg-between underhook
  at: close lying | I hold one of his legs
  care: cross-face on my neck; turn the face away
  feeder: on top in half guard, posture low, let the underhook live
  he flattens | flattens me | turn | his chest comes on to mine
  he whizzers | whizzers the underhook | grip | his arm winds over mine
closed-low | Closed guard, low | closed guard; low closed | closed | - | safe
  why: with posture nothing reaches me
  closes: when a grip breaks the posture
  seen: legs-locked ankles-crossed sleeve
  at: close kneeling | legs locked round my hips
  care: neck pulled with both hands; keep the head up
  feeder: ankles crossed low, pull now and then, no strangles
  he breaks | breaks the posture | grip | both knees pull towards his chest
  he angles | cuts an angle | submission | one foot goes to my hip
  he sits-up | sits up into me | sweep | his hand posts behind him
closed-high | Closed guard, high | high guard; legs over the shoulders | closed | - | actNow
  why: legs above the shoulders threaten arm and neck
  closes: when one leg crosses the neck
  seen: legs-locked arms-round-head sleeve
  at: tight kneeling | legs locked round my shoulders
  care: arm lock and strangle; tap early
  feeder: climb the legs slowly, hold one wrist
  he armlocks | attacks the arm | submission | his hips turn across
  he triangles | shuts the triangle | submission | one leg crosses my neck
  timing on-time | his hips are still square | other | both knees are level
  timing too-late | his hips have turned | other | one knee is beside my ear
closed-broken | Closed guard, posture broken | broken posture; pulled down | closed | - | actNow
  why: chest to chest he chooses the next grip
  closes: when his arm is behind my neck
  seen: legs-locked ankles-crossed arms-round-head
  at: tight kneeling | legs locked, chest to chest
  care: neck cranks are forbidden in most gyms; do not answer with one
  feeder: pull with legs and arms together, hold the head without cranking
  he hugs | hugs the head | grip | his elbow closes round my neck
  he overhooks | overhooks an arm | grip | his armpit shuts on my arm
  timing on-time | one elbow is inside | other | I can see my hand
  timing too-late | both elbows are out | other | my elbows touch the mat
closed-overhook | Closed guard, overhook | overhook guard; arm trapped | closed | - | neutral
  why: the trapped arm cannot post
  closes: when his hips slide to the trapped side
  seen: legs-locked overhook collar
  at: tight kneeling | legs locked, one arm trapped
  care: shoulder of the trapped arm
  feeder: overhook tight, hips slightly out
  he slides-out | slides the hips out | submission | his head moves away from the overhook
  he chokes | goes for the collar | submission | his free hand crosses my neck
closed-sleeves | Closed guard, both sleeves | sleeve closed guard; wrist control closed | closed | - | safe
  why: with both sleeves he has no hand for the neck
  closes: when one of my elbows crosses the centre
  seen: legs-locked ankles-crossed both-sleeves
  at: close kneeling | legs locked round my hips
  care: fingers in the cloth
  feeder: both sleeves, pull one across when told
  he pulls-across | pulls one arm across | turn | my elbow passes his belt line
  he pulls-forward | pulls both forward | grip | my hands leave my hips
closed-open-ankles | Closed guard, ankles not crossed | soft closed guard; knees only | closed | - | neutral
  why: uncrossed ankles follow faster and open sooner
  closes: when he puts a foot on the hip
  seen: legs-locked ankles-open
  at: close kneeling | knees squeeze, ankles open
  care: a heel in the kidney
  feeder: squeeze with the knees, ankles apart
  he foot-to-hip | puts a foot on the hip | hook | one knee leaves my ribs
  he climbs | climbs the legs | hook | his knees go to my armpits
closed-standing | Closed guard, I stand | standing in closed guard; lifted guard | closed | - | actNow
  why: standing, my legs are his to take
  closes: when he hooks an ankle
  seen: legs-locked ankles-crossed ankle-grip
  at: close standing | legs locked, I stand
  care: never slam; set him down
  feeder: hold on with the legs, reach for an ankle when told
  he hooks-ankle | takes an ankle | sweep | his hand dives to my heel
  he opens | opens the legs | other | the ankles uncross under my arm
  timing on-time | both his hands are up | other | his hands are above my belt
  timing too-late | he has the ankle | other | my heel is pinned
guard-opened | Ankles opened | closed guard opened; legs opened | transit | - | actNow
  why: the legs are open and not yet a guard
  closes: when a shin comes between us
  seen: legs-open no-grips ankles-open
  at: close kneeling | his legs just opened
  care: a knee in the groin when stepping through
  feeder: let the ankles open, then count to two and put a shin in
  he shin-in | puts a shin in | retention | his knee comes across
  he feet-on-hips | puts the feet on the hips | frame | both heels come up
  timing on-time | the knees still point out | other | both knees point at the walls
  timing too-late | a shin is in already | other | his shin touches my belt
`;
