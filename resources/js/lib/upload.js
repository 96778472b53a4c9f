import { Away, once, Refused, token } from './request';

export const megabytes = (bytes) => `${(bytes / 1048576).toFixed(1)} MB`;

/**
 * Sends a file, telling how much of it (0 to 100) is there.
 *
 * @returns {Promise<object>} what the server answers; it fails as lib/request.js does, with a sentence for the person
 */
export function upload(file, url, most, fields = {}, progress = () => {}) {
    return new Promise((resolve, reject) => {
        if (file.size > most) {
            reject(
                new Error(
                    `It has ${megabytes(file.size)}; at most ${megabytes(most).replace('.0', '')} can be brought in. Make it smaller, or bring it in as several files.`,
                ),
            );
            return;
        }
        const form = new FormData();
        Object.entries(fields).forEach(([name, value]) => form.append(name, value));
        form.append('file', file);
        const request = new XMLHttpRequest();
        request.open('POST', url);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('X-XSRF-TOKEN', token());
        request.setRequestHeader('Idempotency-Key', once());
        request.upload.onprogress = (event) => progress(Math.round((event.loaded / event.total) * 100), event);
        request.onerror = () =>
            reject(new Away('The file did not arrive: there is no connection. Check it and try again.'));
        request.onload = () => {
            let answer = {};
            try {
                answer = JSON.parse(request.responseText);
            } catch {
                /* What is no JSON is no answer of ours. */
            }
            const message = answer.message ?? 'The file could not be brought in. Try again.';
            if (request.status === 201) resolve(answer);
            else if (request.status >= 502) reject(new Away(message));
            else reject(new Refused(request.status, { ...answer, message }));
        };
        request.send(form);
    });
}
