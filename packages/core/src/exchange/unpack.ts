import { unzip, type Unzipped } from 'fflate';
import { refusal, type Refusal } from '../refusal';

/** A file called `code` would be bytes. */
export const isRefused = (found: Unzipped | Refusal): found is Refusal => typeof found.code === 'string';

/**
 * Unpacks some files of a zip within limits, which are checked before anything is unpacked.
 * @param wanted which of them, by their names
 * @param largest bytes that all in it may unpack to
 * @param most files that may be in it
 */
export function unpack(
  file: Uint8Array,
  wanted: (name: string) => boolean,
  largest: number,
  most: number,
): Promise<Unzipped | Refusal> {
  return new Promise((done) => {
    let bytes = 0;
    let count = 0;
    unzip(
      file,
      {
        filter: ({ name, originalSize }) => {
          count += 1;
          bytes += originalSize;
          return wanted(name) && count <= most && bytes <= largest;
        },
      },
      (error, data) => {
        if (error) done(refusal('damaged zip'));
        else if (count > most) done(refusal('too many files', { max: most }));
        else if (bytes > largest) done(refusal('unpacks too large', { max: largest }));
        else done(data);
      },
    );
  });
}
