import type { Ice } from '@uisce/core/catalogue';

/** Mass and edge of one piece: a 3.2 cm cube is about 30 g, a 5 cm block about 115 g (common practice). */
const PIECE: Record<Exclude<Ice, 'none'>, { g: number; edgeMm: number }> = {
  cubes: { g: 30, edgeMm: 32 },
  block: { g: 115, edgeMm: 50 },
  crushed: { g: 4, edgeMm: 13 },
};

/** Where the ice may lie, in px of the drawing. */
export interface IceRoom {
  centre: number;
  /** The surface; floating ice shows a little above it. */
  top: number;
  bottom: number;
  scale: number;
  halfWidthAt: (y: number) => number;
}

/**
 * Outlines of the pieces of ice in a glass, seen from the side: as many as the mass makes, packed
 * from the surface down, each turned a little so that they look like ice and not like bricks.
 */
export function iceShapes(ice: Ice, iceG: number, room: IceRoom): string[] {
  if (ice === 'none' || iceG <= 0) return [];
  const { g, edgeMm } = PIECE[ice];
  const edge = edgeMm * room.scale;
  // Seen from the side, pieces stand behind one another: about two deep in a glass.
  const pieces = Math.max(1, Math.round(iceG / g / (ice === 'block' ? 1 : 1.6)));
  const shapes: string[] = [];
  const loose = ice === 'crushed' ? 1 : 0.15;
  const turn = ice === 'crushed' ? 42 : 9;
  let y = room.top - edge * 0.12;
  for (let row = 0; shapes.length < pieces && y + edge * 0.8 < room.bottom; row++) {
    const half = room.halfWidthAt(Math.min(room.bottom, y + edge)) - 2;
    const across = Math.max(1, Math.floor((2 * half) / edge));
    for (let i = 0; i < across && shapes.length < pieces; i++) {
      // Always the same for the same place, so that nothing dances on a redraw.
      const chance = ((row * 37 + i * 61) % 29) / 14.5 - 1;
      const other = ((row * 53 + i * 17) % 23) / 11.5 - 1;
      const x = room.centre + (i - (across - 1) / 2) * edge * 1.02 + other * edge * loose * 0.3;
      const size = edge * (0.92 - Math.abs(chance) * loose * 0.3);
      shapes.push(square(x, y + edge / 2 + chance * edge * loose * 0.3, size, chance * turn));
    }
    y += edge * 1.02;
  }
  return shapes;
}

function square(cx: number, cy: number, edge: number, turnDeg: number): string {
  const turn = (turnDeg * Math.PI) / 180;
  const h = edge / 2;
  const corners = [
    [-h, -h],
    [h, -h],
    [h, h],
    [-h, h],
  ].map(([x = 0, y = 0]) => {
    const px = cx + x * Math.cos(turn) - y * Math.sin(turn);
    const py = cy + x * Math.sin(turn) + y * Math.cos(turn);
    return `${px.toFixed(1)},${py.toFixed(1)}`;
  });
  return `M${corners.join('L')}Z`;
}
