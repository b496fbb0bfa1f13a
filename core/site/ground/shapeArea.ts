import type { PlanContext } from '../../kernel/working/context';
import { msg } from '../../kernel/messages/msg';
import { containers, plants, raisedBeds, rows, type Counted } from './countedShapes';
import { cornersArea, mapArea, offsetsArea } from './irregular';
import type { ShapeAt, Sides, SquareFeet } from './measures';
import {
  circle,
  ellipse,
  fourSides,
  givenArea,
  rectangle,
  ring,
  trapezoid,
  triangleByHeight,
  triangleBySides,
} from './plainShapes';

/** A shape's square feet, with what it can be counted in. */
export type Shaped = Omit<Counted, 'parts'> &
  Partial<Pick<Counted, 'parts'>> & { readonly sides?: Sides };

/** The square feet of a shape of any kind; none where its kind has no size. */
export function shapeArea(ctx: PlanContext, id: string, where: ShapeAt): Shaped | undefined {
  const plain = (area: SquareFeet): Shaped => ({ area });
  switch (where.shape.kind) {
    case 'unknown':
      return undefined;
    case 'rectangle':
      return rectangle(ctx, id, where);
    case 'circle':
      return plain(circle(ctx, id, where));
    case 'square-feet':
      return plain(givenArea(ctx, id, where));
    case 'triangle':
      return plain(triangleBySides(ctx, id, where));
    case 'triangle-height':
      return plain(triangleByHeight(ctx, id, where));
    case 'trapezoid':
      return plain(trapezoid(ctx, id, where));
    case 'four-sides':
      return plain(fourSides(ctx, id, where));
    case 'ellipse':
      return plain(ellipse(ctx, id, where));
    case 'ring':
      return plain(ring(ctx, id, where, 'inner'));
    case 'offsets':
      return plain(offsetsArea(ctx, id, where));
    case 'corners':
      return plain(cornersArea(ctx, id, where));
    case 'outline':
      return plain(mapArea(ctx, id, where));
    case 'raised-beds':
      return raisedBeds(ctx, id, where);
    case 'plants':
      return plants(ctx, id, where);
    case 'round-containers':
    case 'box-containers':
      return containers(ctx, id, where);
    case 'rows':
      return rows(ctx, id, where);
  }
}

/** Why a shape has no square feet, as an absent figure. */
export function noArea(ctx: PlanContext, id: string, rows: boolean): SquareFeet {
  const why = rows ? 'absent.rowsNeedSpacing' : 'absent.areaUnknown';
  return ctx.sheet.absent({ id, label: msg('ground.squareFeet') }, msg(why));
}
