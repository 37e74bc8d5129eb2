/** Text as it can stand in an attribute or between tags, in HTML too. */
export const escapedXml = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
