export {
  quantityTakeoff,
  TAKE_OFF_BY,
  type TakeOffBy,
  type TakeOffGroup,
  type TakeOffLine,
  type TakeOffOptions,
  type TakeOffProject,
} from './quantityTakeoff.js';
export { madeLengths, piecesOf } from './cutting.js';
export {
  ANSWERED,
  ORDER_COLUMNS,
  orderCells,
  PRICE_COLUMNS,
  priceRows,
  readAmount,
  readReply,
  type PricedLine,
  type Reply,
} from './prices.js';
