import type { components, paths } from '@riegel/server/interface';

/** What the interface's documents call by name. */
export type Shapes = components['schemas'];

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

type Operations<P extends keyof paths, M extends Method> = paths[P][Lowercase<M> & keyof paths[P]];

/** The routes that take a method, as the interface's documents write them. */
export type Route<M extends Method> = {
  [P in keyof paths]: Operations<P, M> extends undefined
    ? never
    : P extends `/api${infer R}`
      ? R
      : never;
}[keyof paths];

type Operation<M extends Method, R extends Route<M>> = Operations<`/api${R}` & keyof paths, M>;

type Json<T> = T extends { content: { 'application/json': infer J } } ? J : undefined;
type Done<T> = T extends { 200: infer A }
  ? A
  : T extends { 201: infer A }
    ? A
    : T extends { 202: infer A }
      ? A
      : undefined;

/** What a route answers when it did what was asked. */
export type Answer<M extends Method, R extends Route<M>> =
  Operation<M, R> extends { responses: infer T } ? Json<Done<T>> : never;

type Filled<K extends string, T> = [T] extends [never]
  ? unknown
  : Partial<T> extends T
    ? { [key in K]?: T }
    : { [key in K]: T };
type Parameters<O> = O extends { parameters: { path?: infer P; query?: infer Q } }
  ? Filled<'path', NonNullable<P>> & Filled<'query', NonNullable<Q>>
  : unknown;
type Body<O> = O extends { requestBody: { content: infer C } }
  ? C extends { 'application/json': infer J }
    ? { body: J }
    : { body: Blob }
  : unknown;

/** What a route is asked with: the names in its path, its query, its body. */
export type Asked<M extends Method, R extends Route<M>> = Parameters<Operation<M, R>> &
  Body<Operation<M, R>>;
