import { largeBoard } from './largeBoard';
export async function main() {
  for (const r of await largeBoard()) console.log(r.what, '|', r.measured, '|', r.wanted);
  return 0;
}
