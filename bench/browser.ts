import type { Row } from './measure';

export async function boardFrames(): Promise<Row[]> {
  return [];
}
