export { openProject, saveProject, type AssetBytes, type Opened } from './bundle';
export { dataUrl, playablePage, type PageParts } from './page';
