import { vi } from 'vitest';

export interface Answer {
  readonly code: number;
  readonly out: string;
  readonly complaint: string;
}

/** Runs a command's entry in this process; what it prints, complains of and answers the shell. */
export async function runMain(main: (args: readonly string[]) => Promise<number>, args: readonly string[]): Promise<Answer> {
  const out = vi.spyOn(process.stdout, 'write').mockReturnValue(true);
  const complaint = vi.spyOn(console, 'error').mockReturnValue(undefined);
  try {
    const code = await main(args);
    return { code, out: out.mock.calls.flat().join(''), complaint: complaint.mock.calls.flat().join('\n') };
  } finally {
    out.mockRestore();
    complaint.mockRestore();
  }
}
