export * from './atoms';
export * from './looks';
export * from './motions';
export * from './notes';
