export { openProject, saveProject, type AssetBytes, type Opened } from './bundle';
export { assetsInUse, dataUrl, playablePage, type PageParts } from './page';
export { bytesFault } from './fault';
export { mediaOf, type Media, type Sort } from './media';
export { svgFault } from './svg';
export { readScript, type Script } from './script';
export { readCsv, readXliff, toCsv, toXliff, type GivenText, type GivenTexts } from './texts';
export { toWebVtt } from './timed';
