/** A picture that is kept. */
export interface KeptPicture {
  id: number;
  widePx: number;
  highPx: number;
}

const MOST_PX = 2000;
const MOST_BYTES = 6_000_000;

/**
 * A picture file as it can be sent: drawings are drawn, and very large photos made smaller, here, so that nothing has to be
 * refused that this browser can show. What it cannot show is sent as it is, and the server says what is wrong.
 */
export async function sendable(file: File): Promise<File> {
  if (file.type !== 'image/svg+xml' && file.size <= MOST_BYTES) return file;
  const source = URL.createObjectURL(file);
  try {
    const picture = new Image();
    picture.src = source;
    await picture.decode();
    const wide = picture.naturalWidth || MOST_PX;
    const high = picture.naturalHeight || MOST_PX;
    const fit =
      file.type === 'image/svg+xml' ? MOST_PX / Math.max(wide, high) : Math.min(1, MOST_PX / Math.max(wide, high));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(16, Math.round(wide * fit));
    canvas.height = Math.max(16, Math.round(high * fit));
    const drawn = canvas.getContext('2d');
    if (!drawn) return file;
    drawn.fillStyle = 'white';
    drawn.fillRect(0, 0, canvas.width, canvas.height);
    drawn.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9));
    return blob ? new File([blob], 'picture.jpg', { type: 'image/jpeg' }) : file;
  } catch {
    return file;
  } finally {
    URL.revokeObjectURL(source);
  }
}
