import { getCatalogue } from '@/core/catalogue';
import type { Position } from '@/core/tree';

/** What is seen where the catalogue has no place of that name. */
const OWN: Readonly<Record<string, string>> = {
  'seated-below': 'no-grips',
  'sleeve-stripped': 'legs-open foot-on-hip collar',
  'biceps-cleared': 'legs-up sleeve',
  'lasso-unwound': 'legs-open sleeve',
  'ankles-in-hand': 'legs-open no-grips',
  'hook-turned-out': 'legs-open hook-outside',
  'one-hook-dead': 'legs-open one-hook',
  'shield-folded': 'leg-between knee-low',
  'hip-posted': 'leg-between underhook',
  'posture-won': 'legs-locked ankles-crossed',
  'knee-in-tailbone': 'legs-locked ankles-crossed sleeve',
  'legs-thrown': 'legs-aside frames',
  'knee-cut': 'leg-between frames',
  'shin-outside': 'legs-aside frames',
  'hip-switch': 'legs-aside underhook',
  'half-cleared': 'leg-between knee-low frames',
  'knee-ride': 'legs-aside frames',
  'truck-side': 'knees-down',
};

/** The position with what is seen there: its own signs, or those of the catalogue's place of the same name, stance and distance along. */
export function withSigns(position: Position): Position {
  const own = OWN[position.id]?.split(' ');
  if (own) return { ...position, signs: own };
  const name = position.name.toLowerCase();
  const entry = getCatalogue().positions.find((item) =>
    [item.position.name, ...item.position.aliases!].some((known) => known.toLowerCase() === name),
  );
  if (!entry || position.family === 'lost') return position;
  const { stance, distance } = entry.position;
  return { stance, distance, ...position, signs: entry.signs };
}
