/** A value a share `t` of the way from `a` to `b`: numbers mix, words must agree, lists and records mix part by part. */
const mix = (a: unknown, b: unknown, t: number): unknown => {
  // A height that isn't said is the floor's.
  const [from, to] = [a ?? (typeof b === 'number' ? 0 : a), b ?? (typeof a === 'number' ? 0 : b)];
  if (typeof from === 'number' && typeof to === 'number') return from + (to - from) * t;
  if (Array.isArray(a) && Array.isArray(b) && a.length === b.length) return a.map((value, i) => mix(value, b[i], t));
  if (isRecord(a) && isRecord(b)) {
    const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
    return Object.fromEntries([...keys].map((key) => [key, mix(a[key], b[key], t)]));
  }
  if (a === b) return a;
  throw new Error(`poseBetween: ${JSON.stringify(a)} and ${JSON.stringify(b)} are different kinds of pose`);
};

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * The pose a share `depth` of the way along a list of poses, first (0) to last (1), which must be of one kind.
 * Angles and places move in step, so planted feet stay and no segment changes length.
 */
export const poseBetween = <Pose extends object>(poses: readonly [Pose, ...Pose[]], depth: number): Pose => {
  const spot = Math.max(0, Math.min(1, depth)) * (poses.length - 1);
  const from = Math.min(Math.floor(spot), poses.length - 2);
  const [a, b] = [poses[Math.max(0, from)], poses[Math.max(0, from) + 1]];
  if (!a) throw new Error('poseBetween: no pose');
  return b ? (mix(a, b, spot - from) as Pose) : a;
};
