// What exceljs reads in a workbook: the name of its sheet, its values row by row, and how many formulas there are.
import ExcelJS from 'exceljs';

const book = new ExcelJS.Workbook();
await book.xlsx.readFile(process.argv[2]);
const [sheet] = book.worksheets;
const rows = [];
let formulas = 0;
sheet.eachRow({ includeEmpty: true }, (row, number) => {
    rows[number - 1] = row.values.slice(1).map((value) => value ?? null);
    row.eachCell((cell) => {
        formulas += Number(cell.type === ExcelJS.ValueType.Formula);
    });
});
console.log(JSON.stringify({ name: sheet.name, rows, formulas }));
