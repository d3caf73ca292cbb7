const two = (value: number): string => String(value).padStart(2, '0');

/** Today where the gym is, since the server runs there: 'YYYY-MM-DD'. */
export function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
