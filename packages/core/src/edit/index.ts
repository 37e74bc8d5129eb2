export { isUsual } from './inputs';
export { commands, type Arguments, type CommandName } from './commands';
export { applyCommand, closeStep, record, redo, undo, NO_HISTORY, type Edit, type History } from './history';
export type { Brought, BroughtLayer } from './layers';
export { takeElements, takeScreens, takeSkin } from './take';
export { frameIn, layoutIn, ownerById, reach, roomIn, type Owner, type Reached } from './owners';
export { boundBy } from './names';
export { topmostOf, type ElementChange } from './elements';
export { stackable } from './stack';
