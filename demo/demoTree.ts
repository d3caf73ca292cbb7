import type { RuleSet, TreeDocument } from '@/core/tree';
import { withGrips, withHolds } from './grips';
import { guardMoves, guards } from './guards';
import { hubMoves, hubs } from './hubs';
import { withSigns } from './signs';
import { upperMoves, uppers } from './upper';

const STARTS = [
  'collar-sleeve',
  'spider',
  'lasso',
  'de-la-riva',
  'reverse-de-la-riva',
  'single-leg-x',
  'butterfly',
  'feet-on-hips',
  'x-far-hip',
  'seated',
  'knee-shield',
  'flat-half',
  'deep-half',
  'closed-guard',
  'standing-collar',
  'half-below',
  'seated-below',
];

const SOURCE = 'Invented for the demo. Check the current rule book of your event.';
const RULE_SETS: readonly RuleSet[] = [
  {
    id: 'saltmarsh-league',
    name: 'Saltmarsh league, adults',
    contexts: ['gi'],
    levels: ['first year', 'second year', 'third year'],
    forbidden: [
      { tag: 'heel hook' },
      { tag: 'neck crank' },
      { tag: 'knee bar', belowLevel: 'third year' },
      { tag: 'straight ankle lock', underAge: 14 },
    ],
    points: [
      { for: 'settled', points: 3 },
      { for: 'back', points: 4 },
      { for: 'sweep', points: 2 },
    ],
    source: SOURCE,
    date: '2026-09-01',
  },
  {
    id: 'ebb-night',
    name: 'Ebb night, no-gi to submission',
    contexts: ['noGi'],
    levels: ['open', 'experienced'],
    forbidden: [{ tag: 'heel hook', belowLevel: 'experienced' }, { tag: 'neck crank' }],
    points: [{ for: 'submission', points: 1 }],
    source: SOURCE,
    date: '2026-06-15',
  },
  {
    id: 'saltmarsh-juniors',
    name: 'Saltmarsh league, juniors',
    contexts: ['gi'],
    forbidden: [
      { tag: 'heel hook' },
      { tag: 'neck crank' },
      { tag: 'knee bar' },
      { tag: 'stack' },
      { tag: 'shoulder lock' },
      { tag: 'arm lock', underAge: 12 },
      { tag: 'choke', underAge: 12 },
    ],
    points: [
      { for: 'settled', points: 3 },
      { for: 'back', points: 4 },
    ],
    source: SOURCE,
    date: '2026-09-01',
  },
];

/** The demo gym's tree: "League evening", written by the coach of an invented gym, Saltmarsh Hall. Always the same. */
export const demoTree = (): TreeDocument => ({
  id: 'league-evening',
  name: 'League evening',
  owner: 'passer',
  contexts: ['gi', 'noGi'],
  schools: ['pressure', 'loose'],
  starts: STARTS.map((position) => ({ position })),
  ruleSets: RULE_SETS,
  profiles: [
    {
      id: 'pia-holm',
      name: 'Pia Holm',
      of: 'athlete',
      physique: ['short legs'],
      off: ['over-under-i-follow-to-the-back'],
      betterSide: 'left',
    },
    { id: 'tove-lind', name: 'Tove Lind', of: 'athlete', off: ['headquarters-i-drag-the-leg'] },
    {
      id: 'oren-vask',
      name: 'Oren Vask',
      of: 'opponent',
      physique: ['long legs'],
      guards: ['de-la-riva', 'reverse-de-la-riva', 'single-leg-x', 'seated'],
      habits: [
        { position: 'de-la-riva', value: 'dlr-spins', share: 0.5 },
        { family: 'open', kind: 'turn', share: 0.35 },
      ],
      strongAgainst: ['stack'],
      knows: ['headquarters-i-drag-the-leg'],
    },
    {
      id: 'mila-tarn',
      name: 'Mila Tarn',
      of: 'opponent',
      guards: ['knee-shield', 'flat-half', 'deep-half'],
      habits: [
        { position: 'knee-shield', value: 'ks-underhook', share: 0.5 },
        { family: 'half', kind: 'hook', share: 0.35 },
      ],
      knows: ['headquarters-i-cut-the-knee-across'],
      varied: ['headquarters-i-cut-the-knee-across'],
    },
    {
      id: 'jory-brask',
      name: 'Jory Brask',
      of: 'opponent',
      physique: ['heavy'],
      guards: ['closed-guard', 'butterfly', 'collar-sleeve'],
      habits: [{ position: 'closed-guard', value: 'cg-breaks', share: 0.6 }],
      strongAgainst: ['stack', 'shoulder lock'],
      knowsGame: true,
    },
  ],
  ruleCards: RULE_SETS.map((card) => card.id),
  athletes: ['pia-holm', 'tove-lind'],
  opponents: ['oren-vask', 'mila-tarn', 'jory-brask'],
  notes: 'Six weeks to the league evening. The body lock and the over-under carry the game; the gaps are real.',
  positions: [...guards, ...hubs, ...uppers].map(withSigns).map(withHolds),
  transitions: [...guardMoves, ...hubMoves, ...upperMoves].map(withGrips),
});
