/** A worker's first message: it listens now. */
export const READY = 'ready';
