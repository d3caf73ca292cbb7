/** Advance widths of Fira Sans Extra Condensed, the wider of 500 and 600, in thousandths of the size, for U+0020 … U+007E. */
const WIDTHS = [
  197, 220, 403, 460, 453, 723, 630, 207, 276, 276, 390, 439, 212, 346, 217, 427, 508, 383, 417, 430, 467, 447, 484, 386, 480, 473, 217,
  217, 428, 427, 428, 408, 847, 501, 510, 480, 545, 433, 403, 541, 553, 248, 264, 529, 421, 666, 552, 580, 494, 580, 514, 471, 444, 537,
  484, 707, 480, 491, 444, 269, 427, 269, 464, 432, 293, 455, 496, 399, 498, 466, 301, 450, 481, 239, 239, 463, 252, 700, 481, 492, 496,
  498, 334, 400, 321, 477, 431, 631, 429, 436, 380, 267, 311, 267, 432,
];
const OTHER = 560;

/** Width in px of one line of board text at `size` px. */
export function textWidth(text: string, size: number): number {
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum += WIDTHS[text.charCodeAt(i) - 32] ?? OTHER;
  return (sum * size) / 1000;
}

/** The text cut to the width, with an ellipsis if anything is missing. */
export function fitText(text: string, size: number, width: number): string {
  if (textWidth(text, size) <= width) return text;
  let end = text.length;
  while (end > 1 && textWidth(`${text.slice(0, end).trimEnd()}…`, size) > width) end--;
  return `${text.slice(0, end).trimEnd()}…`;
}

/** At most `limit` lines that fit the width, broken between words and after hyphens; what does not fit ends in an ellipsis. */
export function wrapText(text: string, size: number, width: number, limit: number): string[] {
  const lines: string[] = [];
  let line = '';
  const pieces = text.split(/(?<=-)(?=\w)|\s+/).filter((piece) => piece !== '');
  for (const [i, piece] of pieces.entries()) {
    const longer = joined(line, piece);
    if (line === '' || textWidth(longer, size) <= width) line = longer;
    else if (lines.length === limit - 1) return [...lines, fitText(pieces.slice(i).reduce(joined, line), size, width)];
    else {
      lines.push(fitText(line, size, width));
      line = piece;
    }
  }
  return line === '' ? lines : [...lines, fitText(line, size, width)];
}

const joined = (line: string, piece: string): string => (line === '' || line.endsWith('-') ? line + piece : `${line} ${piece}`);
