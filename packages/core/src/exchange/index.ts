export { openProject, saveProject, type AssetBytes, type Opened } from './bundle';
export { base64, dataUrl, playablePage, type PageParts } from './page';
