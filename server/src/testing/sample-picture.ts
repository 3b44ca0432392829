/** The least that a JPEG reader knows a picture by: start, perhaps what a camera adds, the frame with its size, end. */
export function samplePicture({ width = 300, camera = false } = {}): Buffer {
  const segment = (marker: number, body: readonly number[]) => [
    0xff,
    marker,
    (body.length + 2) >> 8,
    (body.length + 2) & 255,
    ...body,
  ];
  const app0 = segment(0xe0, [0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]);
  const exif = camera ? segment(0xe1, [...Buffer.from('Exif\0\0MM\0*\0\0\0\b\0\0', 'latin1')]) : [];
  const frame = segment(0xc0, [8, 1, 44, width >> 8, width & 255, 1, 1, 0x11, 0]);
  return Buffer.from([0xff, 0xd8, ...app0, ...exif, ...frame, 0xff, 0xd9]);
}
