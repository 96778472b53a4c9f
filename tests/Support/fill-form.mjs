// Fills the form fields of a PDF with pdf-lib, as a PDF reader does: node fill-form.mjs in.pdf out.pdf '{"name": "value"}'
// A field that is told true is ticked; a button group, or a list, gets what is chosen.
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
