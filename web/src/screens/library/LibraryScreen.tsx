import { Tabs } from 'radix-ui';
import { useSearchParams } from 'react-router';
import { LockFunctions } from './locks/LockFunctions.js';
import { Patterns } from './Patterns.js';
import { ProductList } from './ProductList.js';

const TABS = [
  ['products', 'Products'],
  ['patterns', 'Hinge patterns'],
  ['locks', 'Lock functions'],
] as const;

/** What sets are made of: products, the patterns hinges are placed by, lock functions to try. */
export function LibraryScreen() {
  const [search] = useSearchParams();
  return (
    <Tabs.Root
      defaultValue={search.has('function') ? 'locks' : 'products'}
      className="grid h-full grid-rows-[auto_1fr]"
    >
      <Tabs.List aria-label="Library" className="flex gap-1 border-b border-rule px-4 pt-2">
        {TABS.map(([value, name]) => (
          <Tabs.Trigger
            key={value}
            value={value}
            className="border-b-[3px] border-transparent px-3 py-1 text-soft data-[state=active]:border-brass data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content value="products" className="min-h-0" tabIndex={-1}>
        <ProductList />
      </Tabs.Content>
      <Tabs.Content value="patterns" className="min-h-0 overflow-auto" tabIndex={0}>
        <Patterns />
      </Tabs.Content>
      <Tabs.Content value="locks" className="min-h-0" tabIndex={-1}>
        <LockFunctions />
      </Tabs.Content>
    </Tabs.Root>
  );
}
