/** A rect of the frame as a place in a box that shows the frame. */
export const inPercent = (
  rect: { x: number; y: number; width: number; height: number },
  width: number,
  height: number,
) => ({
  left: `${(rect.x / width) * 100}%`,
  top: `${(rect.y / height) * 100}%`,
  width: `${(rect.width / width) * 100}%`,
  height: `${(rect.height / height) * 100}%`,
});
