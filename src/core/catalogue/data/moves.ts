export const moves = `
I feet-on-hips > toreando-grip | grip | take the ankles and step back | grips-ankles | grabs the knees > he re-hooks below > take ankles or shins | - | speed
I feet-on-hips > headquarters | enter | pin one foot and step in | climbs-biceps | steps straight in > the other foot stops the hip > step to an angle | - | -
I collar-sleeve > legs-up | clear | strip the sleeve | pulls-down | pulls the arm straight up > he follows the sleeve > circle the hand outside first | - | gi
I collar-sleeve > toreando-grip | grip | square up and take both ankles | far-sleeve | looks at the collar > the head goes down > hips forward, head up | - | -
I collar-sleeve > headquarters | enter | knee behind the collar elbow | stands-up | waits for the stand > he is level with me > step while one hand is on the mat | - | gi
I spider > lasso | clear | circle the foot off the biceps | extends | pushes against the foot > the elbow locks > circle outside, elbow down | the elbow stays bent | gi
I spider > headquarters | enter | drop the hips and step between | hips-under | stays upright > he is under the centre > sit the hips before he arrives | - | -
I lasso > legs-up | clear | lift the elbow and unwind | pulls-across | pulls straight back > the shoulder is held > elbow up, then step back | shoulder of the wound arm | gi
I lasso > leg-drag | enter | walk the wound leg across | spins-under | stands still > he is behind me > step round his head first | - | -
I spider-lasso > lasso | clear | strip the biceps foot first | pushes | starts with the wound arm > both arms are held > free arm first | - | gi
I spider-lasso > stack | enter | stack the triangle before it shuts | triangles | leans back > the legs close > hips under, posture up | his spine is folded; slowly | stack
I double-sleeve > feet-on-hips | clear | break one sleeve with both hands | pulls-in | breaks both at once > neither opens > one at a time, over his knee | fingers in cloth | gi
I double-sleeve > toreando-grip | grip | pin the foot that comes down | one-hook | looks at his hands > the hook is in > the foot first | - | -
I de-la-riva > headquarters | clear | turn the knee out and kill the hook | pushes-hip,early | kicks at the hook > the hook goes deeper > kill his knee first | - | -
I de-la-riva > leg-drag | enter | step over and drag the near leg | spins | backs away > he finishes the spin > step with the spin | - | -
I de-la-riva > over-under | enter | drop to the over-under | sits | stays tall > he has the ankle and the hip > ear to his hip | - | pressure
I de-la-riva-deep > headquarters | clear | square the hips and step free | goes-behind,on-time | turns away from him > he is on the back > face him, far knee in | knee of the hooked leg | -
I de-la-riva-deep > single-leg-up | retreat | hop free with the leg in hand | trips,too-late | keeps both feet planted > the trip works > hop before the trip | a fall over the hooked leg | -
I reverse-de-la-riva > headquarters | clear | circle the knee inside | kicks | lets the leg be straightened > it is dragged out > knee first, heel after | - | -
I reverse-de-la-riva > body-lock | enter | sit on the hook and lock the hips | comes-up | chases the shoulder > he stands > hips first | - | pressure
I reverse-de-la-riva > north-south | pass | run round the head as he inverts | inverts | stays behind his hips > he faces me again > go to the head side | no weight on the neck | speed
I x-near-hip > knee-line-safe | clear | sit down on the hooks and strip the foot | stretches | hops > the base goes > sit at once | - | -
I x-near-hip > long-step | enter | step the free leg over | stands | steps too late > he carries the leg > step as he sits up | - | -
I x-far-hip > knee-line-safe | clear | turn the knee out over his shin | to-single | pulls the leg > the heel is shown > knee out, toes up | heel | -
I x-far-hip > stack | enter | fold the far hip and stack | lifts | posts a hand > it is taken > hip down first | his spine is folded; slowly | stack
I single-leg-x > knee-line-safe | clear | turn the knee out and strip the foot | lifts,on-time | pulls the foot > the heel is shown > knee line first, foot second | twisting lock near; tap early | -
I single-leg-x > stack | enter | sit on the leg and stack | hunts-heel | kicks with the free leg > it is caught too > keep the second leg back | tap early | stack
I single-leg-x > mirrored-entanglement | retreat | put the second leg in and sit | too-late | fights the heel with one hand > it is lost > two hands, hips to him | tap early | -
I butterfly-flat > body-lock | enter | lock behind the hips | sits-up | locks at the ribs > he slides out > clasp below the hip bones | - | pressure
I butterfly-flat > over-under | enter | thread one arm under | kicks-one | head in the middle > triangle > head to the far hip | head low | pressure
I butterfly-flat > leg-drag | enter | throw the hooks aside | frames | throws one leg only > the other hooks > both shins at once | - | speed
I butterfly-staggered > body-lock | enter | win the inside and lock | lies-back | follows the head > he re-hooks > hips forward | - | pressure
I butterfly-staggered > smash | enter | kill the hook on the underhook side | underhook | cross-face before the hook is dead > he lifts > sit on the hook first | - | -
I butterfly-staggered > headquarters | enter | step the near knee up | drags | lets the elbow cross > he takes the back > knee up, elbow in | - | -
I seated > headquarters | enter | step in as he leans back | leans-back | walks in straight > he hooks > step outside the near foot | - | -
I seated > leg-drag | enter | push the head, drag the leg | shoots | bends at the waist > he has the leg > hips back first | - | -
I seated > single-leg-up | enter | pick up the near leg | stands | stands and looks > both stand > take the leg as it posts | - | -
I seated-two-on-one > headquarters | clear | circle the elbow in and step | snaps,on-time | pulls the hand back > both hands follow > elbow first | - | -
I seated-two-on-one > turtle-seat-belt | backTake | follow the drag past to his back | drags | stops at his side > he turns in > chest to his back | - | -
I seated-two-on-one > seated | retreat | face him again on the knee | too-late | turns away > he is behind > turn in on the far knee | - | -
I shin-to-shin > knee-cut | enter | backstep and cut over the shin | stands | stays square > he stands with the leg > hip away, knee over | - | -
I shin-to-shin > knee-line-safe | clear | kneel and slide the knee through | rolls-under | holds his head > the leg is lost > knee to the mat | - | -
I inverted > north-south | pass | walk to the head and pin the hips down | on-time | pulls a leg > he follows it > pin what is on top | no weight on a folded neck | -
I inverted > leg-drag | enter | catch the near leg as it comes round | spins-through,too-late | waits for the guard > it is closed > catch while it turns | - | -
I inverted > knee-line-safe | clear | turn the knee out and stand off | grabs-leg | pulls away > the arm winds tighter > knee out first | - | -
I knees-in > double-under | enter | scoop under both knees | kicks-off | leans on the shins > they push off > go under, not against | - | pressure
I knees-in > smash | enter | fold both knees to one side | one-out | goes over the free knee > hook > fold the free one first | - | -
I legs-up > toreando-grip | grip | catch both ankles | follows | grabs the trousers at the knee > the shin stays free > low, at the ankle | - | speed
I legs-up > leg-drag | enter | carry the near leg across | catches-ankle | stops with the leg in the middle > he re-hooks > past my far hip | - | speed
I foot-hip-ankle > headquarters | clear | kneel on the pushing foot's side | retreats | sits back > swept > hips forward, foot off | - | -
I foot-hip-ankle > toreando-grip | grip | step back out of the hook and take the ankles | sweeps-heel | looks at the hip > the heel goes > the heel first | - | -
I lapel-wrap > headquarters | clear | kneel on the lapel and peel it | changes-hand | pulls against the wrap > it tightens > towards the hand, then out | - | gi
I lapel-wrap > knee-cut | enter | cut before it is tight | tightens | straightens up > off balance > go down with it | tied leg; fall slowly | gi
I seated-collar > headquarters | clear | head up, heel to my seat, step in | lifts-ankle | fights the collar only > the heel rises > heel first | - | gi
I seated-collar > leg-drag | enter | go with the drag and take the leg | drags-collar | posts the hand > the arm is taken > hip to his hip | - | gi
I half-flat > three-quarter | pass | lift the knee and free the foot to the ankle | locks | pulls the foot > he follows > knee first | - | -
I half-flat > half-reverse | followUp | backstep to face the legs | to-side | stays chest to chest > underhook > turn before it | - | -
I half-flat > smash | followUp | sprawl sideways on to the leg | dives | sprawls on the spot > he is under > shift the hips across | - | -
I half-on-side > half-flat | followUp | cross-face and flatten | frames | pushes the head > he stays on his side > shoulder under the jaw | steady, no crank | pressure
I half-on-side > half-reverse | followUp | whizzer and backstep | comes-up | holds the whizzer and waits > he is on top > step at once | - | -
I half-underhook > half-flat | followUp | whizzer and pin the head to the hip | comes-up,on-time | fights arm with arm > he stands > lean with the hip | shoulder; steady | -
I half-underhook > turtle-seat-belt | backTake | limp-leg out and take the seat belt | too-late | stays under the arm > he turns the corner > leave the arm, keep the hips | - | -
I knee-shield-high > smash | enter | fold the shield with the hip | frames,out | outside knee drifts over the shield > he re-hooks > hip to hip before the knee | his folded knee; slowly | -
I knee-shield-high > half-underhook | followUp | whizzer and step over | digs | pulls the arm up > he comes along > hips heavy first | - | -
I knee-shield-high > body-lock | enter | go under the knee to the lock | feeds-hook | goes over the hook > lifted > under, chest to the thigh | - | pressure
I knee-shield-high > knee-cut | enter | cut behind the pointing knee | in | enters straight on > shield holds > angle first | - | -
I knee-shield-low > half-flat | followUp | cross-face over the low shin | underhooks | chest too high > the knee rises > stay below the knee | - | pressure
I knee-shield-low > smash | enter | staple the low knee | raises | lets it come up > high shield > pin the shin with mine | - | -
I half-locked > three-quarter | pass | open the lock with the far knee | squeezes | kicks the foot > tighter > wedge the knee behind his | - | -
I half-locked > knee-cut | enter | cut as the ankles open | opens | waits for flat again > he shrimps > go on the opening | - | -
I half-laced > half-flat | clear | straighten into the lace and flatten | stretches | pulls the heel up > calf tears > knee to the mat, then free | calf and knee; tap | -
I half-laced > half-underhook | followUp | whizzer before the whip | whips | leaves the arm in > turned > whizzer and hips down | - | -
I deep-half > half-flat | followUp | sit back and flatten him | rolls,on-time | leans forward > rolled > sit on the shoulder side | not on his face | -
I deep-half > long-step | followUp | step over the head to the far side | comes-out | turns after him > the back > step the free leg over | - | -
I deep-half > turtle-seat-belt | backTake | let him out and take the seat belt | too-late | holds the head > he comes up > chest to his back | - | -
I quarter > hips-killed | pass | kill the hip, then take the foot | turns-in | foot first > re-trapped > hip first | - | -
I quarter > three-quarter | pass | step over to three-quarter mount | retraps | waits > knee trapped > over before the knee bends | - | -
I half-butterfly > half-flat | followUp | sprawl on the hook and flatten | elevates | hips high > lifted > low, sideways on the hook | - | -
I half-butterfly > knee-line-safe | clear | kneel through before single-leg X | switches | looks at the underhook > leg lost > knee to the mat | - | -
I half-reverse > side-low | pass | free the foot and sit through | holds-foot | pulls > stuck > second foot on his knee | - | -
I half-reverse > back-one-hook | backTake | reach back and take the far hip | sits-up | keeps facing the legs > he is on my back > turn to him | - | -
I half-below > body-lock | enter | come up on the single leg to the lock | flattens | stays flat > pinned > elbow and knee before his chest | - | -
I half-below > leg-drag | sweep | roll him over into the drag | whizzers | pulls the arm out > flattened > roll towards the whizzer | his shoulder | -
I closed-low > closed-sleeves | grip | win the posture back and hold the wrists | breaks | pushes the face > arm lock > elbows in, hips forward | - | -
I closed-low > closed-standing | open | stand up with one sleeve pinned | angles | stands square > tripped > near foot up first | never slam | -
I closed-low > guard-opened | open | knee in the tail bone and push | sits-up | leans back > he sits up > head up, elbow on the thigh | - | -
I closed-high > closed-low | clear | posture before the legs cross | armlocks,on-time | pulls the arm > tighter > stack the hips and look up | tap early | -
I closed-high > stack | enter | stack and turn the corner | triangles,too-late | stays low > choked > hips under, knees beside his ears | spine and neck; slowly | stack
I closed-broken > closed-low | clear | hands to the hips, head up | hugs,on-time | pushes the mat > arms taken > elbows to his hips | no crank | -
I closed-broken > closed-overhook | clear | free the far arm first | overhooks | pulls the trapped arm > tighter > far arm first | - | -
I closed-overhook > guard-opened | open | turn the shoulder in and stand | slides-out | leans away > triangle > shoulder to his chest | shoulder | -
I closed-overhook > closed-low | clear | thumb up, elbow down, out | chokes | pulls against the collar > choked > chin and elbow first | tap early | gi
I closed-sleeves > guard-opened | open | pin the sleeves and break with the elbow | pulls-forward | breaks from the knees without base > swept > one knee up | - | gi
I closed-sleeves > closed-standing | open | stand when the arm crosses | pulls-across | stays kneeling > back taken > stand on that side | - | -
I closed-open-ankles > guard-opened | open | wedge the knee and open | foot-to-hip | looks at the foot > climbs > wedge before the climb | - | -
I closed-open-ankles > closed-standing | open | stand before he climbs | climbs | pulls down > high guard > stand with hips in | - | -
I closed-standing > guard-opened | open | shake the hips, push the knee down | opens,on-time | bends over > tripped > hips forward, look ahead | - | -
I closed-standing > closed-low | retreat | sit down safely on the heels | hooks-ankle,too-late | falls back straight > swept > sit to one side | - | -
I guard-opened > headquarters | enter | step one knee through | shin-in,on-time | celebrates > shin in > step with the opening | - | -
I guard-opened > body-lock | enter | close straight to the body lock | feet-on-hips | stays far > feet on hips > chest on the thighs at once | - | pressure
I guard-opened > knees-in | retreat | settle before the shin | too-late | dives over it > hooked > base, then fold the shin | - | -
I outside-entanglement > knee-line-safe | clear | clear the top foot and kneel through | off-balances,on-time | kicks > both legs caught > foot off the hip first | twisting lock near; tap early | -
I outside-entanglement > stood-up | retreat | hide the heel and stand off | hunts-heel | turns away > heel exposed > turn to him, toes up | tap early | -
I inside-entanglement > knee-line-safe | clear | free the second leg and turn out | catches-second,on-time | gives the second leg > finished > second leg back | tap early | -
I crossed-entanglement > mirrored-entanglement | clear | put the hip back and free the heel | adjusts | bridges away > heel shown > hip towards him | tap early | -
I mirrored-entanglement > knee-line-safe | followUp | come up on the far knee | holds | stays seated > he comes up > first up wins | knees of both; slowly | -
I knee-line-safe > long-step | followUp | step over the top leg | pulls-back | pulls back the same way > re-caught > over, not back | - | -
I knee-line-safe > body-lock | enter | close in to the lock | lets-go | stands to look > guard again > hips at once | - | -
I turtle-tight > turtle-seat-belt | backTake | seat belt over the far shoulder | grips-wrist | reaches from the front > rolled > chest first, arm after | - | -
I reverse-x > stood-up | retreat | turn to his head and step out backwards | comes-behind | pulls the leg straight up > he sits under it > turn to the head first | the lifted knee | -
I reverse-x > turtle-posting | followUp | sit the leg down and go over his back | lifts | hops on one leg > swept > sit before he lifts | - | -
I turned-entanglement > mirrored-entanglement | clear | turn with him and put the hip back | rolls-back | pulls the leg out straight > finished > hip first, then the heel | tap early | -
I turned-entanglement > stood-up | retreat | hide the heel and go with the turn | flattens | stays flat > finished > turn the way he turns | tap early | -
I leg-ride > calf-lock | submit | fold his leg over my shin | sits-back | falls back without the leg > he comes out > shin deep behind the knee first | knee and calf; tap early, many cards forbid it | calf-lock
I toreando-grip > crossed-entanglement | enter | roll under the far leg | too-late | rolls without the ankle > he sits on me > ankle to the chest first | the knee of both; no falling on the leg | -
I turtle-tight > leg-ride | backTake | lace the near leg | rolls | hangs on the neck > he rolls to guard > leg first | - | -
I turtle-posting > turtle-seat-belt | backTake | run behind as he posts | stands,on-time | pulls him down > he sits out > behind the hips | - | -
I turtle-posting > side-low | pass | follow the sit-out to the side | sits-out | holds the head > guard > hips with his hips | - | -
I turtle-seat-belt > back-one-hook | backTake | put the first hook in | hand-fights | hook before the grip > stripped > seat belt first | - | -
I turtle-seat-belt > back-two-hooks | backTake | roll with him to two hooks | rolls | stays behind > he faces me > roll first on the lower shoulder | - | -
I turtle-seat-belt > leg-ride | backTake | lace the near leg as he rises | stands | hangs on > shaken off > low on the hip | - | -
I standing-square > standing-collar | grip | take the collar and circle | shoots | reaches with both hands > leg taken > hips back, collar | throws; land flat | gi
I standing-square > seated | enter | follow him down to the seated guard | sits | waits > he sets grips > step with the sit | - | -
I standing-collar > feet-on-hips | enter | stay square as he pulls guard | pulls-guard | falls into it > broken posture > hips back, hands on knees | - | gi
I standing-collar > single-leg-up | grip | pick up the leg as it crosses | circles | follows round > nothing > level down at the cross | throws | -
I single-leg-up > headquarters | enter | set the leg between mine as he sits | sits | drops the leg > free guard > keep it to the mat | - | -
I single-leg-up > leg-drag | enter | turn the corner and drag | whizzers | pulls straight > turned > head outside, corner | - | -
I headquarters > knee-cut | pass | cut the knee across | out | knee points at the ceiling > shield > hip low, knee to the mat | - | -
I headquarters > smash | pass | fold the shin outside | middle | stands up > leg free > hip down over the shin | - | pressure
I headquarters > leg-drag | pass | drag the leg across | across | lets go of the ankle > knee back > ankle until the hip holds | - | speed
I headquarters > toreando-grip | pass | throw the legs past the frame | frames-hip | pushes the frame > stiff arm > half step back, then go where it no longer points | - | speed
I headquarters > body-lock | enter | meet him and lock the hips | sits-up | head under his > neck wrapped > ear to his belly | - | pressure
I leg-drag > side-low | settle | settle on the hip | pulls-back | chases the head > knee back > hip first | - | -
I leg-drag > side-chest | pass | go under the frame to his side | frames-face | over the frame > pushed > under the elbow | - | -
I leg-drag > stack | followUp | stack the inversion | inverts | pulls back > guard > hips over him | no weight on the neck | stack
I leg-drag > turtle-seat-belt | backTake | take the back as he turns | turns-away | pulls him flat > knees > chest to his back | - | -
I body-lock > hips-killed | pass | step over to the flat side | flat | hands open first > hook lives > step, then open | - | pressure
I body-lock > side-low | pass | switch the hips to the other side | turned-in | fights the turn > locked out > go round with it | - | pressure
I body-lock > turtle-seat-belt | backTake | climb to the back as he turns | turned-away | holds the hips > knees > hand over the shoulder | - | -
I body-lock > over-under | followUp | drop one arm and go over-under | keeps-hook | lifts the head > hooked > shoulder on the hook | - | pressure
I body-lock > side-low | pass | walk round under the frame | frames-forehead | pushes with the head > stuck > look to the side and walk | - | -
I over-under > side-low | pass | walk to the leg side | weaves | stays in the middle > knee across > sprawl over the leg | - | pressure
I over-under > turtle-seat-belt | backTake | follow to the back | turns | hangs on the legs > knees > chest up to the back | - | -
I over-under > stack | followUp | stack the triangle | triangles | head up > shut > hips under, stack | tap early; his spine is folded | stack
I double-under > side-low | pass | lift the hips and walk round | sits-heavy | lifts with the back > too heavy > hips under his | spine; slowly | pressure
I double-under > over-under | followUp | swim one arm over | knee-inside | pushes on > kneed off > over that knee | - | pressure
I double-under > stack | followUp | run the knees to his ears | grips-belt | pulls back > held > forward | spine and neck; slowly | stack
I toreando-grip > side-low | pass | step past both feet to the side | on-time | runs on the spot > knee in > shoulder line to his hip | - | speed
I toreando-grip > headquarters | enter | trap the knee that came in | circles-knee,too-late | jumps over it > hook > trap it between mine | - | -
I toreando-grip > leg-drag | pass | drag the ankles across his sit-up | sits-up | stands still > grips > across and down | - | speed
I stack > side-low | pass | walk round to his side | pushes-hips | pushes down on the neck > injury > walk, do not press | spine and neck | -
I stack > turtle-seat-belt | backTake | follow the roll to the back | rolls-over | lets go > turtle > chest on the back as it turns | - | -
I long-step > side-low | pass | windshield the legs and turn in | follows | stays seated > knee in > hip back, knee over | - | -
I long-step > half-reverse | retreat | trap the far foot and settle | underhooks | reaches for the head > swept > weight on his hip | - | -
I knee-cut > side-low | pass | slide through to his side | underhook,on-time | head too high > turned > ear low, knee through | - | -
I knee-cut > smash | followUp | fold back over the shield | shield | cuts on > shield holds > staple both knees | - | -
I knee-cut > half-underhook | retreat | whizzer and save the half | too-late | cuts into the underhook > swept > whizzer first | - | -
I smash > side-low | pass | walk the hips up to his side | slides-knee | hips high > knee out > heavy on the lower knee | knees stacked; slowly | pressure
I smash > turtle-seat-belt | backTake | go to the back | turns-away | pulls flat > knees > hand over the shoulder | - | -
I hips-killed > three-quarter | pass | slide to three-quarter mount | digs | lifts the hips > knee in > knee along the mat | - | -
I hips-killed > side-chest | settle | chest down and close the far side | bridges | rides the bridge high > rolled > low and wide | - | -
I side-low > side-chest | settle | drive the cross-face | frames | stops at the pass with a knee still in > re-guard > last frame first | jaw; steady | pressure
I side-low > walk-to-head | settle | walk straight on to the head | knee-in | pushes the knee with a hand > it comes back > out of its line | - | speed
I side-low > turtle-seat-belt | backTake | take the back as he turns | turns-knees | pulls him flat > turtle > follow the shoulder | - | -
I side-chest > side-pin | settle | close the far hip and settle | knee-under | celebrates > knee in > hip to hip, then count it | - | -
I side-chest > mount-low | followUp | slide the knee across to mount | bridges-turns | lifts the chest > space > knee along his belt | - | -
I walk-to-head > north-south | settle | arms over the hips, head low | frames-hips | arms too high > he sits up > control the hips | - | -
I walk-to-head > turtle-seat-belt | backTake | seat belt as he kneels | turns-in | pushes down > single leg > arm over the shoulder | - | -
I mount-low > mount-high | settle | walk the knees to the armpits | bridges | leans forward > rolled > hand post, then walk | - | -
I mount-low > three-quarter | retreat | keep the foot and the hips | elbow-knee | kicks the foot free > half guard > hips first | - | -
I three-quarter > mount-high | settle | pull the foot free to the mount | traps | pulls with the toes > twisted > heel to seat, hips forward | foot; no twist | -
I three-quarter > side-chest | retreat | step back to the side | elbow-knee | stays half > underhook > leave it early | - | -
I knee-on-belly > arm-isolated | submit | isolate the far arm | pushes-knee,on-time | dives on it > he turns > hand pinned first | shoulder lock; slowly | shoulder-lock
I knee-on-belly > turtle-seat-belt | backTake | follow to the back | turns-away,too-late | pushes the shoulder > guard > knee down behind him | - | -
I scarf > side-chest | followUp | turn to chest to chest | to-back | holds the head only > back lost > chest down | no crank | -
I back-one-hook > back-two-hooks | backTake | second hook as the hips move | slides-hips | chases the leg > hips out > hips first | tap early | -
I back-one-hook > neck-held | submit | isolate the neck as he strips | strips-hand | choke over the chin > only the jaw is held > under, elbow at the centre | strangle; release at once | choke
I leg-ride > back-one-hook | backTake | hook as he sits back | sits-back | lets the ride go > guard > hand round the far hip | - | -
I leg-ride > turtle-seat-belt | backTake | climb as the leg comes out | kicks-out | holds the leg > lost > chest up first | - | -
he feet-on-hips > spider | retention | climbs both feet to the biceps | climbs-biceps | sleeves first, then one foot after the other | - | gi
he collar-sleeve > stood-up | escape | stands on the posted hand | stands-up | post, hips back, up | - | -
he spider > x-far-hip | retention | scoots under to X | hips-under | let the sleeves go last | - | -
he lasso > swept | sweep | spins under and sweeps | spins-under | stop at the half turn | fall flat | -
he spider-lasso > submitted | submission | shuts the triangle | triangles | hips up, stop before squeezing | strangle; tap early | choke
he de-la-riva > inverted | retention | spins under to face again | spins | slow spin over the shoulders | no weight on the neck | -
he de-la-riva-deep > swept | sweep | trips the free leg | trips | catch the heel, tip slowly | knee of the hooked leg | -
he reverse-de-la-riva > turtle-posting | escape | comes up behind | comes-up | post, turn, stop behind | - | -
he x-near-hip > swept | sweep | stretches me over | stretches | stretch until I sit | sit, do not post | -
he x-far-hip > single-leg-x | retention | slides to single-leg X | to-single | outer foot to the hip | - | -
he single-leg-x > swept | sweep | lifts and sits me down | lifts | bridge slowly | sit down, do not post | -
he single-leg-x > submitted | submission | catches the heel | hunts-heel | touch the heel and stop | twisting leg lock; tap early, release at once | heel-hook
he butterfly-staggered > swept | sweep | lifts on the underhook side | underhook | lift to the balance point only | roll, do not post | -
he butterfly-flat > knees-in | retention | brings both shins in | frames | frames stay, knees in | - | -
he seated > single-leg-up | sweep | shoots for the leg | shoots | shoulder to the knee, stop | - | -
he seated-two-on-one > turtle-posting | escape | drags past and comes up | drags | drag to the triceps, stop | - | -
he shin-to-shin > single-leg-x | retention | rolls under to the leg | rolls-under | head outside, slow roll | knee bends forwards only | -
he inverted > knees-in | retention | faces again with both shins | spins-through | finish the roll, shins in | - | -
he foot-hip-ankle > swept | sweep | takes both heels | sweeps-heel | push only as I lean back | sit | -
he half-on-side > swept | sweep | comes up on the underhook | comes-up | come up to the knees, stop | - | -
he half-underhook > turtle-posting | sweep | goes behind | goes-behind | head out, stop behind | - | -
he knee-shield-high > half-underhook | retention | digs the underhook | digs | underhook to the far armpit | - | -
he knee-shield-high > half-butterfly | retention | feeds the hook | feeds-hook | lower foot inside | - | -
he knee-shield-low > knee-shield-high | retention | raises the shield | raises | hip out, knee up | - | -
he half-flat > deep-half | retention | dives under | dives | head to the hip | - | -
he half-flat > half-on-side | retention | gets to his side | to-side | frame, hip out | - | -
he half-locked > knee-shield-low | retention | opens and slides a knee in | opens | uncross, hip out, knee in | - | -
he deep-half > swept | sweep | rolls me over | rolls | roll to the hip, stop | not on the face | -
he half-butterfly > single-leg-x | retention | switches to single-leg X | switches | foot to the hip, knees shut | - | -
he closed-low > closed-broken | retention | breaks the posture | breaks | knees and arms together | no neck pulling | -
he closed-low > submitted | submission | finishes the arm lock | angles | hips out, stop at the stretch | arm lock; tap early | arm-lock
he closed-high > submitted | submission | shuts the triangle | triangles | legs shut, stop | strangle; tap early | choke
he closed-standing > swept | sweep | takes the ankle and sits me | hooks-ankle | pull the heel only | sit down | -
he guard-opened > knee-shield-low | retention | puts a shin in | shin-in | count two, shin in | - | -
he guard-opened > feet-on-hips | retention | puts the feet on the hips | feet-on-hips | both feet up | - | -
he outside-entanglement > submitted | submission | catches the heel | hunts-heel | touch the heel and stop | twisting leg lock; tap early, release at once | heel-hook
he crossed-entanglement > turned-entanglement | turn | turns belly down | adjusts | turn over slowly, stop | knee; stop at the touch | -
he turned-entanglement > submitted | submission | finishes belly down | flattens | no pressure, tap at the touch | knee; only with a coach | heel-hook
he reverse-x > swept | sweep | lifts me over | lifts | lift slowly, let me post | fall to the hip | -
he reverse-x > turtle-seat-belt | turn | comes up on my back | comes-behind | come up and stop | - | -
he headquarters > outside-entanglement | turn | rolls under my leg | underhooks-leg | roll slowly, legs outside, no lock | twisting leg lock near; tap early | -
he crossed-entanglement > submitted | submission | finishes the leg | finishes | no pressure, tap at the touch | knee; only with a coach | heel-hook
he mirrored-entanglement > swept | sweep | comes up on top | comes-up | post and rise | - | -
he turtle-tight > knees-in | retention | rolls to guard | rolls | far shoulder, slow | - | -
he turtle-posting > stood-up | escape | stands up | stands | toes under, up | - | -
he turtle-seat-belt > stood-up | escape | stands and shakes me off | stands | stand slowly | fall away from his legs | -
he headquarters > de-la-riva | retention | pummels back to the outside hook | pummels | free knee, then hook | - | -
he headquarters > single-leg-x | retention | scoops the far leg | underhooks-leg | arm behind the knee, foot to the hip | - | -
he leg-drag > knees-in | retention | pulls the leg back in | pulls-back | knee to the chest | - | -
he leg-drag > inverted | retention | inverts | inverts | far shoulder, slow | no weight on the neck | -
he body-lock > submitted | submission | wraps the neck | wraps-neck | arm in place, no squeeze | neck; tap early | choke
he body-lock > butterfly-flat | retention | lifts with the live hook | keeps-hook | one hook, small lift | - | -
he over-under > submitted | submission | locks the triangle | triangles | leg over, stop | strangle; tap early | choke
he double-under > half-flat | retention | gets a knee inside | knee-inside | one knee only | - | -
he toreando-grip > knee-shield-high | retention | circles a knee in | circles-knee | heel outside, knee in | - | -
he stack > turtle-tight | escape | rolls over the shoulder | rolls-over | slow, chin tucked | neck | -
he knee-cut > half-underhook | retention | comes up on the underhook | underhook | elbow deep, hip up | - | -
he smash > half-flat | retention | slides the bottom knee out | slides-knee | heel scrapes back | - | -
he side-low > half-flat | retention | slips the knee in | knee-in | frame, hip, knee | - | -
he side-chest > knee-shield-low | retention | sneaks the knee under | knee-under | heel to the seat, knee in | - | -
he mount-low > half-flat | retention | elbow to knee | elbow-knee | one side, twice | - | -
he scarf > turtle-posting | escape | comes out to the back | to-back | round the waist, walk round | - | -
he back-one-hook > half-on-side | escape | slides the hips to the mat | slides-hips | hips to the free side | - | -
I spider > lasso | clear | keep the elbow down as he winds | lassoes | lets the elbow float > the arm is wound > elbow to the hip | shoulder of the wound arm | gi
I de-la-riva > body-lock | enter | sit on the deep hook and lock | late | stays tall > he is behind me > sit before he turns | knee of the hooked leg | pressure
I closed-broken > closed-standing | open | stand up under the hug | too-late | pulls the head out > cranked > hips under, stand | no crank; never slam | -
I outside-entanglement > mirrored-entanglement | retreat | put the other leg in and turn to him | too-late | fights the foot only > both legs lost > hip to his hip | tap early | -
I inside-entanglement > stood-up | retreat | hide the heel and stand off | hunts-heel,too-late | turns away > heel exposed > turn to him, toes up | tap early | -
I turtle-posting > standing-collar | retreat | stand with him and keep a grip | too-late | dives at the legs > pulled under > stand, hand on his back | throws; land flat | -
I scarf > side-low | retreat | sit the hips back as he bridges | bridges-over | leans over him > rolled > hip away from the bridge | neck and ribs | -
I side-chest > knee-on-belly | followUp | pop up to knee on belly | bridges-turns | jumps on > he turns under > hands first, then the knee | ribs; shin, not the point | speed
I side-chest > scarf | followUp | sit through to the scarf hold | knee-under | sits too high > the back > hip to his armpit | no crank | -
I leg-ride > back-flat | backTake | drive the hips forward and flatten him | kicks-out | pulls on the shoulders > he kneels > hips into his seat | lower back; slowly | pressure
he half-flat > half-locked | retention | locks the legs | locks | cross the ankles, squeeze | - | -
he three-quarter > quarter | retention | turns in on the foot | traps | hold the foot, turn in | foot; no twist | -
`;
