import Papa from 'papaparse';

/** So many rows are sent at once: a fraction of a second of work. */
const ROWS = 250;

/** @property linesBefore lines of the file that stand before the part's own, less its head */
export interface TablePart {
  text: string;
  rows: number;
  linesBefore: number;
}

/** A table in parts that each have its head, so that somebody sees how far it is and can stop it. */
export function tableParts(text: string): TablePart[] {
  const [head, ...rows] = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;
  if (!head || rows.length <= ROWS) return [{ text, rows: rows.length, linesBefore: 0 }];
  const parts: TablePart[] = [];
  let linesBefore = 0;
  for (let from = 0; from < rows.length; from += ROWS) {
    const some = rows.slice(from, from + ROWS);
    parts.push({ text: Papa.unparse([head, ...some]), rows: some.length, linesBefore });
    linesBefore += some.reduce((sum, row) => sum + 1 + row.join('').split('\n').length - 1, 0);
  }
  return parts;
}
