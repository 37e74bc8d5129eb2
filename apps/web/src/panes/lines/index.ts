export { chooseStep, openConversation, useChosenStep } from './chosen';
