import type { Param, Message } from './decision.js';
import type { Messages } from './registry.js';

/** The code of a sentence. */
export type MessageCode = keyof Messages;

/** The parameters a sentence has: the names in its braces. */
export type ParamNames<Text extends string> = Text extends `${string}{${infer Name}}${infer Rest}`
  ? Name | ParamNames<Rest>
  : never;

/** What must be given with a code. */
export type ParamsOf<Code extends MessageCode> = Messages[Code] extends infer Text
  ? Text extends string
    ? { [Name in ParamNames<Text>]: Param }
    : never
  : never;

type Given<Code extends MessageCode> = [keyof ParamsOf<Code>] extends [never]
  ? [params?: Record<never, Param>]
  : [params: ParamsOf<Code>];

/** A coded sentence with its parameters, which are those its English names. */
export function message<Code extends MessageCode>(code: Code, ...[params]: Given<Code>): Message {
  return { code, params: (params ?? NO_PARAMS) as Message['params'] };
}

const NO_PARAMS: Message['params'] = {};
