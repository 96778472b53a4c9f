const LONGEST_SIDE = 1600; // pixels, as App\Documents\Pictures keeps them
const AS_IT_IS = 1_000_000; // bytes up to which a picture is sent as it is

/**
 * A large picture, made smaller by the browser before it is sent; what the browser cannot read is for the server to
 * say.
 */
export async function smaller(file) {
    try {
        const picture = await createImageBitmap(file);
        const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
        if (scale === 1 && file.size <= AS_IT_IS) return file;
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [
            Math.max(1, Math.round(picture.width * scale)),
            Math.max(1, Math.round(picture.height * scale)),
        ];
        canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
        const blob = await new Promise((resolve) => {
            canvas.toBlob(resolve, file.type === 'image/png' ? 'image/png' : 'image/jpeg', 0.85);
        });
        return blob && blob.size < file.size ? blob : file;
    } catch {
        return file;
    }
}
