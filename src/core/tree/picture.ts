/** A photo or sketch of the coach's own, kept once by what it holds. */
export interface Picture {
  /** SHA-256 of its bytes, as 64 hexadecimal digits. */
  readonly hash: string;
  /** What is to be seen on it, for who does not see it. */
  readonly caption: string;
  /** Quarter turns clockwise, 1 … 3; absent = as it was taken. */
  readonly quarterTurns?: number;
  /** Left and right are exchanged, after it was turned. */
  readonly mirrored?: true;
}
