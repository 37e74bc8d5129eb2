export { saveProject, type AssetBytes, type Opened } from './bundle';
export { assetsInUse, dataUrl, type PageParts } from './page';
export { bytesFault } from './fault';
export type { Exported, File, Imported } from './format';
export { mediaOf, type Media, type Sort } from './media';
export { endingsOf, EXPORTS, exportsOf, IMPORTS, readAs, writeAs, type ExportName } from './registry';
export { svgFault } from './svg';
export { readScript, type Script } from './script';
export type { GivenText, GivenTexts } from './given';
