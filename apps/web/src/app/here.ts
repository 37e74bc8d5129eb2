/** What can be done in each part of the window, by its name: keys or a gesture, and what they do. */
export const HERE: Record<string, [string[], string][]> = {
  Map: [
    [['Click'], 'Choose a screen: it comes up in Live, held'],
    [['N'], 'A new screen'],
    [['L'], 'A new link from the card; or drag from its edge or a button on it'],
    [['Arrows'], 'From card to card; with Alt, move it in its row'],
    [['F2'], 'Rename it; so does pressing it twice'],
    [['Ctrl', 'D'], 'Duplicate it'],
    [['Delete'], 'Take it out'],
    [['Wheel'], 'Scroll; with Ctrl, nearer or further away'],
  ],
  Grid: [
    [['Click'], 'A link, to read its sentence; an empty cell, to make one'],
    [['Arrows'], 'From cell to cell'],
  ],
  Lines: [
    [['Enter'], 'The next line; a name and a colon says who says it'],
    [['/'], 'In an empty line: another step'],
    [['Ctrl', 'Enter'], 'Play from here'],
    [['Texts'], 'All texts, their translations, find and replace'],
  ],
  Values: [
    [['Type'], 'What a value holds now, in the run'],
    [['Unfold'], 'Its type, range and default, who sets and who reads it'],
  ],
  Events: [
    [['Type'], 'A new event from the game, or for it'],
    [['Unfold'], 'Its fields, and who hears or sends it'],
  ],
  Input: [
    [['Press one'], 'Bind the next key, button or gesture to an action'],
    [['Type'], 'A new action'],
  ],
  Assets: [[['Drop'], 'Pictures, sounds and fonts; or press Import files']],
  Live: [
    [['Click'], 'Play: keys, pad and pointer go to the game'],
    [['Shift', 'Esc'], 'Give the keys back'],
    [['F8'], 'Hold, to choose, move and type over what you see; or resume'],
    [['Shift', 'Enter'], 'Say where a key should lead that led nowhere'],
    [['Arrows'], 'Held: move the chosen element by 1, with Shift by 10'],
    [['Enter'], 'Held: type over its words, or go into a component'],
    [['F9'], 'The game alone'],
  ],
  Reading: [
    [['Click'], 'An underlined word, to change it'],
    [['When …'], 'A new sentence'],
    [['Alt', '↑'], 'On a sentence’s handle: try it earlier; with ↓ later'],
  ],
  'Below the game': [
    [['Click'], 'A name, to open or close what stands here'],
    [['←', '→'], 'On the Time strip: back and forth by a tenth of a second'],
  ],
};

/** The part of the window that has the keyboard, if it has a list of its own. */
export function whereNow(): string | null {
  const pane = document.activeElement?.closest('[data-pane]');
  const name = pane?.getAttribute('aria-label') ?? null;
  return name !== null && name in HERE ? name : null;
}
