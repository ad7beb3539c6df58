import { paint } from './colours.ts';

/** Words on a curve, with a halo; left out where they have no room. */
export function label(
  ctx: CanvasRenderingContext2D,
  words: string,
  x: number,
  y: number,
  room: number,
  align: CanvasTextAlign,
  bold = false,
  colour = '--ink',
): void {
  ctx.font = `${bold ? 700 : 400} 13px "Atkinson Hyperlegible Next Variable", sans-serif`;
  // What does not fit is left to the table below.
  if (ctx.measureText(words).width > room) return;
  ctx.textAlign = align;
  // A halo, so that a line behind does not cross it out.
  ctx.setLineDash([]);
  ctx.lineWidth = 4;
  ctx.lineJoin = 'round';
  ctx.strokeStyle = paint('--ground', 0.75);
  ctx.strokeText(words, x, y);
  ctx.fillStyle = paint(colour);
  ctx.fillText(words, x, y);
}

/** A line across. */
export function dashed(
  ctx: CanvasRenderingContext2D,
  from: number,
  to: number,
  y: number,
  colour: string,
): void {
  ctx.strokeStyle = colour;
  ctx.lineWidth = 2;
  ctx.setLineDash([7, 4]);
  ctx.beginPath();
  ctx.moveTo(from, y);
  ctx.lineTo(to, y);
  ctx.stroke();
  ctx.setLineDash([]);
}

/** A bead on a line. */
export function dot(ctx: CanvasRenderingContext2D, x: number, y: number, radius = 7): void {
  ctx.beginPath();
  ctx.arc(x, y, radius, 0, 2 * Math.PI);
  ctx.fillStyle = paint('--bead');
  ctx.fill();
  ctx.strokeStyle = paint('--bead-line');
  ctx.lineWidth = 2.5;
  ctx.setLineDash([]);
  ctx.stroke();
}
