// What the packs are written with.
export const lines = (n) => `<div class="lines">${'<i></i>'.repeat(n)}</div>`;
export const list = (...items) => `<ol>${items.map((i) => `<li>${i}</li>`).join('')}</ol>`;
export const student = (section, html, more = {}) => ({ role: 'student', section, html, ...more });
export const page = (role, html, more = {}) => ({ role, html, ...more });
export const letter = ['8.5in', '11in'];
export const a4 = ['210mm', '297mm'];
