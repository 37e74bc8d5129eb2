import { LONGEST_NAME, type Id } from '@tavu/core/model';
import { addAsset, say } from '../studio/store';

const LARGEST = 10_000_000;

/** Asks for a sound file and brings it into the project. Undefined when there is none, or it is no sound; that is said. */
export async function bringSound(): Promise<Id | undefined> {
  const file = await askFile('audio/*');
  if (!file) return undefined;
  if (!file.type.startsWith('audio/')) {
    say(`${file.name} is not a sound. Choose a WAV, Ogg or MP3 file.`);
    return undefined;
  }
  if (file.size > LARGEST) {
    say(`${file.name} is larger than 10 MB. Choose a shorter or smaller sound.`);
    return undefined;
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  const name = file.name.replace(/\.[^.]*$/, '').slice(0, LONGEST_NAME) || 'Sound';
  return addAsset({ name, media: file.type, width: 0, height: 0, bytes: bytes.length }, bytes);
}

function askFile(accept: string): Promise<File | undefined> {
  return new Promise((done) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => done(input.files?.[0]));
    input.addEventListener('cancel', () => done(undefined));
    input.click();
  });
}
