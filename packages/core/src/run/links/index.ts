export { fallbacks } from './chain';
export { goBack } from './change';
export { hudsWanted, syncHuds } from './huds';
export { runEffect } from './effects';
export { fits, type Search } from './fit';
export { LONGEST_LINE, removeNotice } from './notices';
export { sampleInstance, samplePicture } from './plan';
export { bringUp, comeLater, endNotice, inOneStep, LONGEST_CHAIN, ripeAt, takeLink, tryLink } from './take';
