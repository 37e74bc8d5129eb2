export { commands, type Arguments, type CommandName } from './commands';
export { carryOut, closeStep, record, redo, undo, NO_HISTORY, type Edit, type History } from './history';
export { takeScreens } from './copies';
