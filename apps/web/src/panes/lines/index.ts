export { chooseStep, openConversation, setLines, useChosenStep } from './chosen';
