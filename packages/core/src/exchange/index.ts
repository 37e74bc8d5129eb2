export { openProject, saveProject, type AssetBytes, type Opened } from './bundle';
export { dataUrl, playablePage, type PageParts } from './page';
export { mediaOf, svgFault, type Media, type Sort } from './media';
