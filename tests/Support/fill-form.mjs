// Fills the form fields of a PDF with pdf-lib, as a PDF reader does: node fill-form.mjs in.pdf out.pdf JSON
// The JSON has values by the names of fields: true is a tick; of a button group, or a list, what is chosen.
import { readFileSync, writeFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';

const [, , from, to, values] = process.argv;
const pdf = await PDFDocument.load(readFileSync(from));
const form = pdf.getForm();
for (const [name, value] of Object.entries(JSON.parse(values))) {
    const field = form.getField(name);
    if (value === true) field.check();
    else if (value === false) field.uncheck();
    else if (field.select) field.select(value);
    else field.setText(value);
}
writeFileSync(to, await pdf.save({ updateFieldAppearances: false }));
