import type { Scene } from './viewModel';

const MOST = 24;
const recent = new Map<string, Scene>();

/** On the server the same board at the same revision is laid out once, not for each who opens it. */
export function recentLayout(key: string, make: () => Scene): Scene {
  if (typeof window !== 'undefined') return make();
  const known = recent.get(key) ?? make();
  recent.delete(key);
  recent.set(key, known);
  for (const oldest of recent.keys()) {
    if (recent.size <= MOST) break;
    recent.delete(oldest);
  }
  return known;
}
