const dataset = document.querySelector('meta[name=limits]')?.dataset ?? {};

/** What may be sent at most, in bytes, as config/slate.php says. */
export const MOST_OF_A_FILE = Number(dataset.file);
export const MOST_OF_A_PICTURE = Number(dataset.picture);
export const MOST_OF_A_RECORDING = Number(dataset.recording);

/** Seconds. */
export const LONGEST_RECORDING = Number(dataset.seconds);
