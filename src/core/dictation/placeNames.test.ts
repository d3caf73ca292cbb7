import { describe, expect, it } from 'vitest';
import { getCatalogue, findTaken, withEntry } from '../catalogue';
import { emptyTree, type TreeDocument } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { placeMeant } from './place';

/**
 * Names of places as coaches type them, with the catalogue's entry that is meant; `-` = none of it: whatever stands in the tree,
 * these words are a new place. A mark in front: "~" misspelt or in words of one's own, so that a new place is right too.
 */
const NAMES = `
feet-on-hips: Feet on hips, feet on the hips?, both feet on the hips, hip feet, ~Feet on hip, ~fete on hips
collar-sleeve: Collar and sleeve, collar sleeve, collar-sleeve, cross collar guard, ~colar and sleeve, ~collar and sleve
spider: spider, Spider guard, biceps guard, ~spyder guard, ~spider gaurd
lasso: lasso, leg lasso, wound leg, ~laso guard, ~lasso guard
spider-lasso: spider and lasso, lasso spider, one biceps?, ~spider lasso
double-sleeve: both sleeves, two sleeves, sleeve guard, ~both sleves
de-la-riva: De La Riva, dlr, de la riva, outside hook guard, ~De La Rive, ~dela riva, ~DLR guard
de-la-riva-deep: deep outside hook, De La Riva deep hook, ~de la riva deep hok
reverse-de-la-riva: reverse de la riva, rdlr, inside hook guard, reverse hook, ~revers de la riva
x-near-hip: X near hip, standing x, x guard, x guard near, ~x gard
x-far-hip: X far hip, x guard far
reverse-x: Reverse X, reverse x, reverse x guard, x from behind, ~revers x
turned-entanglement: turned-over saddle, turned over saddle, reverse saddle, inverted saddle, ~turned over sadle
calf-lock: calf lock, calf slicer, calf crush, ~calf slicr
single-leg-x: single-leg x, single leg x, outside ashi, one-leg x, slx, ashi garami, ~single leg ecks, ~ashi
butterfly-flat: butterfly, flat butterfly, both hooks in, ~buterfly, ~butterfly guard
butterfly-staggered: seated butterfly, butterfly sitting, ~seated buterfly
seated: seated, seated guard, sitting guard, butt guard, ~seated gaurd
seated-two-on-one: seated two on one, arm drag grip
shin-to-shin: shin to shin, shin-to-shin, shin guard, one shin, ~shin to shinn
inverted: inverted, upside-down guard, inversion, ~invertd
knees-in: both shins in, shins across, double shin shield
legs-up: legs in the air, open with no grips
foot-hip-ankle: tripod grip, ankle and hip
lapel-wrap: lapel guard, wrapped lapel, ~lapel gaurd
seated-collar: sitting collar guard, seated collar and ankle
half-flat: half guard, half, flat half, half guard flat, ~half gaurd, ~half gurd
half-on-side: half guard side, half on his side, knee line half
half-underhook: deep underhook half?, dogfight, half with underhook, ~dogfigth
knee-shield-high: knee shield, high knee shield, z guard, shin across the chest, ~knee sheild, ~kneeshield, ~kne shield
knee-shield-low: low knee shield, knee shield low, ~low knee sheild
half-locked: locked half, half legs locked, ~loked half
half-laced: laced half, calf stretched
deep-half: deep half, deep half guard, under my hips, ~deep halv, ~deap half
quarter: quarter guard, quarter?, foot only, ~quater guard
half-butterfly: half butterfly, hook and half, ~half buterfly
half-reverse: reverse half, back-step half, half I face the legs, ~reverse halff
half-below: bottom half, underhook half, half guard I am below
closed-low: closed guard, low closed, ~closed gaurd, ~closd guard, ~close guard
closed-high: high guard, closed guard high, legs over the shoulders, ~hihg guard
closed-broken: broken posture, posture broken?, pulled down
closed-overhook: overhook guard, closed guard overhook, arm trapped, ~over hook guard
closed-sleeves: sleeve closed guard, wrist control closed
closed-open-ankles: soft closed guard, knees only
closed-standing: standing in closed guard, lifted guard
guard-opened: ankles opened, closed guard opened, legs opened
outside-entanglement: legs outside, outside entanglement, outside leg entanglement
inside-entanglement: legs inside, inside leg position, inside ashi, ~inside entanglment
crossed-entanglement: saddle, crossed entanglement, leg saddle, ~sadle, ~saddel
mirrored-entanglement: fifty-fifty, 50-50, fifty fifty, mirrored legs, ~fifty fiftty
knee-line-safe: knee line safe, knee free, ~knee line saf
turtle-tight: turtle, elbows and knees, ~turtel, ~turttle
turtle-posting: open turtle, hands posted
turtle-seat-belt: seat belt, turtle seat belt, ~seatbelt, ~seat bellt
standing-square: on the feet, neutral standing, standing square
standing-collar: collar tie, one collar standing
single-leg-up: standing single leg, leg in hand
headquarters: headquarters, head quarters, Headquarters, one leg trapped, ~headquater, ~headquartrs
leg-drag: leg drag, dragged leg, legdrag, leg across my hip, ~leg drga
body-lock: body lock, bodylock, hip lock, ~boddy lock, ~body lok
over-under: over under, over-under, one arm over?, ~over undr
double-under: double under, both legs on my shoulders, ~double unders
toreando-grip: both ankles in hand, ankles pinned, both feet in hand, ~both ankels in hand
stack: stack, stacked, folded over
long-step: long step, back step, backstep, stepped over, ~long stepp
knee-cut: knee cut, knee slice, knee slide, ~knee cutt, ~knee slcie
smash: smash?, knees stapled, ~knees staplet
hips-killed: hips killed, hips pinned?, hips flat and heavy
side-low: low side control, at his side low, ~low side contrl
side-chest: side control, chest to chest, ~side controll, ~sidecontrol
side-pin: side pin, side mount, cross side, side control held, ~side pinn
north-south: north-south, north south, northsouth, head to head pin, ~noth south
walk-to-head: walking to the head, going round, ~walkin to the head
mount-low: low mount, mount low, hips on hips, ~low mont
mount-high: mount, the mount, full mount, high mount, ~moutn, ~mounts
three-quarter: three quarter mount, mount foot caught, ~3/4 mount
knee-on-belly: knee on belly, knee on the belly, knee ride, knee mount, kob, knee on stomach?, ~knee on bely, ~knee on belley
scarf: scarf hold, scarf, kesa, ~scarf hol
back-one-hook: one hook in, half back, one hook, ~one hok in
back-two-hooks: back control, the back, rear mount, back mount, back with hooks, ~bakc control, ~back controll
back-flat: belly down, flat back mount
leg-ride: leg ride, one leg laced from behind, ~leg rde
arm-isolated: far arm locked, far arm isolated
neck-held: choke, neck isolated, choke hold
swept: swept, turned over, on the bottom
submitted: tapped, submitted, caught
stood-up: stood up, disengaged, back on the feet
-: knee in, back, place one, arm trap, hook, one, side, guard, knee, foot, head, leg, turtle guard two, half way, kneeling, past the knees, his back, on my knees, in between, behind his knee, wrist, the mat, pressure, near side, far side, far hip, hips, hip, knees, shin, sleeve, collar, ankle, both, top, bottom, nearly there, not passed yet, x y z, grip, legs
`;

const catalogue = getCatalogue();
const CASES = NAMES.trim()
  .split('\n')
  .flatMap((line) => {
    const [, id, list] = /^(\S+): (.*)$/.exec(line)!;
    return list!.split(', ').map((item) => ({ id: id!, name: item.replace(/^~|\?$/g, ''), exact: !/^~|\?$/.test(item) }));
  });
/** A tree that has the whole catalogue. */
const full: TreeDocument = catalogue.positions.reduce((tree, entry) => withEntry(tree, entry).tree, emptyTree('full', 'Full'));

/** The entries that a name leads to on Enter, or is asked about; [] = a new place. */
function ledTo(tree: TreeDocument, name: string): { taken: string[]; asked: string[] } {
  const standing = (id: string) => catalogue.positions.filter((entry) => findTaken(tree, entry) === id).map((entry) => entry.position.id);
  const meant = placeMeant(tree, name, catalogue);
  if (meant.kind === 'known') return { taken: standing(meant.position.id), asked: [] };
  if (meant.kind === 'ask') return { taken: [], asked: meant.between.flatMap((position) => standing(position.id)) };
  return { taken: meant.entry ? [meant.entry.position.id] : [], asked: [] };
}

describe('names that coaches use', () => {
  it('are more than two hundred', () => expect(CASES.length).toBeGreaterThan(200));
  it('each give the place meant or a new one, never another: in an empty tree, the demo and a tree of the whole catalogue', () => {
    const wrong = [emptyTree('e', 'E'), demoTree(), full].flatMap((tree) =>
      CASES.flatMap(({ id, name }) =>
        ledTo(tree, name)
          .taken.filter((led) => led !== id)
          .map((led) => `${tree.id}: ${name} → ${led}`),
      ),
    );
    expect(wrong).toEqual([]);
  });
  it('are found where they are drawn: at once by the very name, and asked about when a letter is wrong', () => {
    const missed = CASES.filter(({ id, name, exact }) => id !== '-' && exact && !ledTo(full, name).taken.includes(id));
    expect(missed.map(({ name }) => name)).toEqual([]);
    const misspelt = CASES.filter(({ exact }) => !exact);
    const asked = misspelt.filter(({ id, name }) => ledTo(full, name).asked.includes(id));
    expect(asked.length).toBeGreaterThan(misspelt.length * 0.6);
  });
});
