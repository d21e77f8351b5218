/** As CSS writes it; the page only paints what the server has judged. */
export function backgroundOf(stops: readonly string[], radial: boolean, angle: number): string {
  const list = stops.join(', ');
  return radial ? `radial-gradient(circle, ${list})` : `linear-gradient(${angle}deg, ${list})`;
}

/**
 * A point of its field where a gradient has reached a place, as CSS paints it: on the way to the corner that it runs to, which
 * never leaves the field. Source: W3C CSS Images Level 4, 3.1 and 3.2.
 * @param place 0 at the first stop to 1 at the last
 * @param angle degrees clockwise from upwards
 * @return percent from the left and from the top
 */
export function markOf(place: number, radial: boolean, angle: number): { x: number; y: number } {
  if (radial) {
    return { x: 50 + place * 50, y: 50 + place * 50 };
  }
  const radians = (angle * Math.PI) / 180;
  const away = (place - 0.5) * 100;
  return { x: 50 + away * direction(Math.sin(radians)), y: 50 - away * direction(Math.cos(radians)) };
}

/** The sign of a sine, which is seldom quite 0. */
function direction(sine: number): number {
  return Math.abs(sine) < 1e-9 ? 0 : Math.sign(sine);
}
