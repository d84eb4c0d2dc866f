import type { OpeningView } from '../base/api.js';

/** What tabs of one project tell each other. */
export interface TabNews {
  /** What the server answered to another tab. */
  onAck?: { openings: OpeningView[]; deleted: string[]; anew: boolean };
}

/** The other tabs of the same person and project. */
export interface Tabs {
  /** One tab at a time sends. */
  alone<T>(work: () => Promise<T>): Promise<T>;
  /** Tells the others that what is pending changed. */
  tell(news: TabNews): void;
  hear(listener: (news: TabNews) => void): () => void;
}

/** Tabs of one browser, by its locks and channels; a browser without them has this tab alone. */
export function browserTabs(name: string): Tabs {
  const channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(name) : undefined;
  return {
    alone: (work) => (navigator.locks ? navigator.locks.request(name, work) : work()),
    tell: (news) => channel?.postMessage(news),
    hear(listener) {
      const heard = ({ data }: MessageEvent<TabNews>) => listener(data);
      channel?.addEventListener('message', heard);
      return () => {
        channel?.removeEventListener('message', heard);
        channel?.close();
      };
    },
  };
}
