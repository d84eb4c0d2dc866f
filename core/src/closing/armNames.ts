/** Mountings whose arm is seen. */
export const ARMS = ['regular', 'track-pull', 'parallel', 'track-push', 'top-jamb'] as const;
export type ArmName = (typeof ARMS)[number];
