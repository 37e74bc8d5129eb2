export * from './shape';
export * from './looks';
export * from './motions';
export * from './field';
