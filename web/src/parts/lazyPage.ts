import type { ComponentType } from 'react';

/** Brings the code of a page, and gives its component as the router wants it. */
export const lazyPage =
  <Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) =>
  async () => ({ Component: (await load())[name] });
