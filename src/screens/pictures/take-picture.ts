import { MOST_PICTURE, type PictureRow } from "@/job/schema";

/** A picture as it is kept, or why it is none. */
export type Taken =
  | { readonly ok: true; readonly picture: Pick<PictureRow, "name" | "type" | "width" | "height" | "data"> }
  | { readonly ok: false; readonly message: string };

/** Long edge of what is kept, px: small print of an A4 page can still be read. */
const LONG_EDGE = 2000;
const QUALITIES = [0.82, 0.7, 0.55, 0.4];

/**
 * Makes a chosen file into a picture of a size that a job can keep. What the browser cannot show is told with what to do:
 * a telephone's own format, a PDF.
 */
export async function takePicture(file: File): Promise<Taken> {
  const name = file.name.slice(0, 200) || "photograph";
  if (/\.pdf$/i.test(name) || file.type === "application/pdf")
    return {
      ok: false,
      message:
        "A PDF is not a picture: take a photograph or a picture of its page, or copy its table and paste it in Import.",
    };
  const bitmap = await decode(file);
  if (bitmap === null)
    return {
      ok: false,
      message: /heic|heif/i.test(`${name} ${file.type}`)
        ? "This is the telephone's own format (HEIC). Set its camera to “most compatible”, or share the picture as JPEG."
        : "This cannot be shown as a picture. Choose a JPEG, PNG or WebP.",
    };
  const scale = Math.min(1, LONG_EDGE / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  ];
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  for (const quality of QUALITIES) {
    const data = await base64(await canvas.convertToBlob({ type: "image/jpeg", quality }));
    if (data.length <= MOST_PICTURE) return { ok: true, picture: { name, type: "image/jpeg", width, height, data } };
  }
  return { ok: false, message: "The picture cannot be made small enough. Crop it to the table." };
}

/** Turned as its camera says; null for what the browser cannot show. */
const decode = (file: File): Promise<ImageBitmap | null> =>
  createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => null);

async function base64(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = "";
  for (let at = 0; at < bytes.length; at += CHUNK) text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}
const CHUNK = 8192;

export const sourceOf = ({ type, data }: Pick<PictureRow, "type" | "data">) => `data:${type};base64,${data}`;
