export { confirmTalk, hearTalks, hurryTalk, passTalk, pressChoice } from './conversing';
