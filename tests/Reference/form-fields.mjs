// Reads the form fields of a PDF with pdf-lib, for Reference\FormFieldsTest: name, kind, rectangle in user space, page.
import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';

const pdf = await PDFDocument.load(readFileSync(process.argv[2]));
const pages = pdf.getPages().map((page) => page.ref.toString());
const fields = pdf
    .getForm()
    .getFields()
    .flatMap((field) =>
        field.acroField.getWidgets().map((widget) => ({
            name: field.getName(),
            kind: field.constructor.name,
            rectangle: Object.values(widget.getRectangle()),
            page: pages.indexOf(widget.P()?.toString()) + 1,
            several: field.constructor.name === 'PDFTextField' && field.isMultiline(),
            combed: field.constructor.name === 'PDFTextField' && field.isCombed(),
            longest: field.constructor.name === 'PDFTextField' ? (field.getMaxLength() ?? null) : null,
            options: field.constructor.name === 'PDFDropdown' ? field.getOptions() : [],
        })),
    );
process.stdout.write(JSON.stringify(fields));
