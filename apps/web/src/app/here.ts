/** What can be done in each part of the window, by its name: keys or a gesture, and what they do. */
export const HERE: Record<string, [string[], string][]> = {
  Map: [
    [['Click'], 'Choose a screen: it comes up in Live, held'],
    [['N'], 'A new screen'],
    [['L'], 'A new link from the card; or drag from its edge or a button on it'],
    [['Arrows'], 'From card to card; with Alt, move it in its row'],
    [['F2'], 'Rename it; so does pressing it twice'],
    [['Ctrl', 'D'], 'Duplicate it'],
    [['Delete'], 'Delete it'],
    [['Wheel'], 'Scroll; with Ctrl, zoom'],
  ],
  Grid: [
    [['Click'], 'A link, to read its sentence; the plus in a cell, to make one'],
    [['Tab'], 'From link to link'],
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
    [['Shift', 'Esc'], 'Give the keys back from the game'],
    [['Shift', 'Enter'], 'Say where a key should lead that led nowhere'],
    [['↑', '↓'], 'Where a dead end asks: choose what it does'],
    [['[', ']'], 'Held: choose the element before, the next'],
    [['Arrows'], 'Held: move it by 1, with Shift by 10; with Ctrl, resize it'],
    [['Enter'], 'Held: type over its words, or go into a component'],
    [['B', 'T', 'P'], 'Held: add a button, a text, a panel; the tools under the game show the other keys'],
    [['Delete'], 'Held: delete the element'],
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
