/** A place on a circle, degrees clockwise from the top. */
function at(deg: number, radius: number): string {
  const rad = (deg * Math.PI) / 180;
  return `${(radius * Math.sin(rad)).toFixed(2)} ${(-radius * Math.cos(rad)).toFixed(2)}`;
}

/** Outline of a slot of a nut drawn from its end. */
export function notch(deg: number): string {
  const half = 6;
  return `M ${at(deg - half, 44.6)} L ${at(deg - half * 1.5, 30)} L ${at(deg + half * 1.5, 30)} L ${at(deg + half, 44.6)} Z`;
}

/** The way of the next slot to the hole at the top, with its point. */
export function arc(deg: number): string {
  const radius = 51;
  const point = Math.min(deg / 2, 8);
  return (
    `M ${at(-deg, radius)} A ${radius} ${radius} 0 0 1 ${at(0, radius)} ` +
    `M ${at(-point, radius - 4)} L ${at(0, radius)} L ${at(-point, radius + 4)}`
  );
}
