/** Columns kept orthonormal, for least squares over a growing and shrinking set of them. */
interface Fit {
  readonly coefficients: number[];
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
};

/** Least squares over a few columns by Gram–Schmidt, each column twice; a column that adds nothing gets 0. */
function leastSquares(columns: readonly Float64Array[], target: Float64Array): Fit {
  const basis: Float64Array[] = [];
  const upper: number[][] = [];
  for (const column of columns) {
    const rest = column.slice();
    const weights = new Array<number>(basis.length).fill(0);
    for (let pass = 0; pass < 2; pass++)
      basis.forEach((unit, k) => {
        const along = dot(unit, rest);
        weights[k]! += along;
        for (let i = 0; i < rest.length; i++) rest[i]! -= along * unit[i]!;
      });
    const length = Math.sqrt(dot(rest, rest));
    const isNew = length > 1e-13 * Math.max(1, Math.sqrt(dot(column, column)));
    basis.push(isNew ? rest.map((part) => part / length) : new Float64Array(rest.length));
    upper.push([...weights, isNew ? length : 0]);
  }
  const along = basis.map((unit) => dot(unit, target));
  const coefficients = new Array<number>(columns.length).fill(0);
  for (let k = columns.length - 1; k >= 0; k--) {
    const pivot = upper[k]![k]!;
    if (pivot === 0) continue;
    let sum = along[k]!;
    for (let l = k + 1; l < columns.length; l++) sum -= upper[l]![k]! * coefficients[l]!;
    coefficients[k] = sum / pivot;
  }
  return { coefficients };
}

const GAIN = 1e-12;

/**
 * Coefficients ≥ 0 that bring the sum of the columns nearest to the target, by the active set method (Lawson & Hanson 1974, ch. 23);
 * null = it did not settle within its steps.
 */
function nonNegativeLeastSquares(columns: readonly Float64Array[], target: Float64Array): Float64Array | null {
  const found = new Float64Array(columns.length);
  let passive: number[] = [];
  const residual = (): Float64Array => {
    const rest = target.slice();
    for (const k of passive) for (let i = 0; i < rest.length; i++) rest[i]! -= found[k]! * columns[k]![i]!;
    return rest;
  };
  for (let step = 0; step < 6 * columns.length; step++) {
    const rest = residual();
    let enters = -1;
    let most = GAIN;
    columns.forEach((column, k) => {
      if (passive.includes(k)) return;
      const gain = dot(column, rest);
      if (gain > most) {
        most = gain;
        enters = k;
      }
    });
    if (enters < 0) return found;
    passive.push(enters);
    for (;;) {
      const { coefficients } = leastSquares(
        passive.map((k) => columns[k]!),
        target,
      );
      let share = 1;
      passive.forEach((k, at) => {
        const wanted = coefficients[at]!;
        if (wanted <= 0) share = Math.min(share, found[k]! / (found[k]! - wanted || Number.MIN_VALUE));
      });
      passive.forEach((k, at) => void (found[k] = found[k]! + share * (coefficients[at]! - found[k]!)));
      if (share === 1 && coefficients.every((part) => part > 0)) break;
      const kept = passive.filter((k) => found[k]! > 1e-15);
      for (const k of passive) if (!kept.includes(k)) found[k] = 0;
      if (kept.length === passive.length) break;
      passive = kept;
    }
  }
  return null;
}

/**
 * The shortest vector x with ⟨constraint, x⟩ ≥ bound for each (least distance programming by non-negative least squares; Lawson &
 * Hanson 1974, ch. 23); null = there is none, or it was not found.
 */
export function leastNorm(constraints: readonly Float64Array[], bounds: readonly number[]): Float64Array | null {
  const size = constraints[0]?.length ?? 0;
  const columns = constraints.map((constraint, k) => {
    const column = new Float64Array(size + 1);
    column.set(constraint);
    column[size] = bounds[k]!;
    return column;
  });
  const target = new Float64Array(size + 1);
  target[size] = 1;
  const weights = nonNegativeLeastSquares(columns, target);
  if (!weights) return null;
  const rest = target.slice();
  weights.forEach((weight, k) => {
    if (weight !== 0) for (let i = 0; i <= size; i++) rest[i]! -= weight * columns[k]![i]!;
  });
  const length = dot(rest, rest);
  if (length < 1e-20) return null;
  return Float64Array.from({ length: size }, (_, i) => -rest[i]! / rest[size]!);
}
