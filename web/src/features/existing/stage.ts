import type { GraphicArea } from '../../api/types';

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A ticket beside the graphic, and where the line from it ends. */
export interface Placed {
  area: GraphicArea;
  side: 'left' | 'right';
  ticket: { x: number; y: number; width: number };
  dot: { x: number; y: number };
  compact: boolean;
}

export interface StageLayout {
  height: number;
  picture: Box;
  tickets: Placed[];
}

/** How wide the ticket itself is; what is said beneath it may be wider. */
export const TICKET = 104;
const PLACE = 132;
/** Between tickets and graphic, where the lines run. */
const GAP = 28;
const TALLEST = 360;
/** From the top of a ticket to that of the next. */
const ROW = 84;
const COMPACT_ROW = 46;
/** More on one side have less room each. */
const FEW = 5;

/** Where everything stands; pixels. Tickets stand on the side that is nearer and in the order of what they colour. */
export function placed(areas: readonly GraphicArea[], width: number, ratio: number): StageLayout {
  const room = Math.max(200, width - 2 * (PLACE + GAP));
  const onLeft = Math.ceil(areas.length / 2);
  const compact = onLeft > FEW;
  const row = compact ? COMPACT_ROW : ROW;
  const tall = Math.min(TALLEST, room / ratio);
  const height = Math.max(tall, onLeft * row);
  const picture = {
    width: tall * ratio,
    height: tall,
    x: (width - tall * ratio) / 2,
    y: (height - tall) / 2,
  };
  const across = [...areas].sort((one, other) => one.x - other.x);
  const side = (part: GraphicArea[], name: 'left' | 'right'): Placed[] =>
    [...part]
      .sort((one, other) => one.y - other.y)
      .map((area, place) => ({
        area,
        side: name,
        compact,
        ticket: {
          x: name === 'left' ? Math.max(0, picture.x - GAP - PLACE) : picture.x + picture.width + GAP,
          y: (height / part.length) * (place + 0.5) - row / 2 + 4,
          width: PLACE,
        },
        dot: { x: picture.x + area.x * picture.width, y: picture.y + area.y * picture.height },
      }));
  return {
    height,
    picture,
    tickets: [...side(across.slice(0, onLeft), 'left'), ...side(across.slice(onLeft), 'right')],
  };
}
