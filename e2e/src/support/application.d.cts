export interface Application {
  url: string;
  /** Where its database and what journeys share about it lie. */
  folder: string;
  /** Stops or starts its database. */
  database(command: 'start' | 'stop'): string;
  stop(): Promise<void>;
}
/** Starts the built application with its demo data on a database of its own; `more` is added to its environment. */
export function startApplication(more?: Record<string, string>): Promise<Application>;
export function freePort(): Promise<number>;
/** The folder of the repository. */
export const root: string;
