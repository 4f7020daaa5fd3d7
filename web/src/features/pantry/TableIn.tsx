import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { client } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

/** Takes a table of ingredients or prices in: good rows are taken, bad ones reported by line. */
export function TableIn() {
  const picker = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const [report, setReport] = useState<string[]>([]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const read = await answered(client.POST('/api/pantry/table', { body: { text: await file.text() } }));
      setReport([`${read.taken} rows taken in, ${read.unchanged} said nothing new, ${read.faults.length} refused.`, ...read.faults.map((f) => `Line ${f.line}, ${f.column}: ${f.what}`)]);
      await Promise.all([queries.invalidateQueries({ queryKey: ['pantry'] }), queries.invalidateQueries({ queryKey: ['formulas'] })]);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setReport([e.summary]);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => picker.current?.click()}>Take in a table</Button>
      <input ref={picker} type="file" accept=".csv,text/csv" hidden aria-label="Pantry table" onChange={(e) => { void take(e.target.files?.[0]); e.target.value = ''; }} />
      <Dialog open={report.length > 0} onClose={() => setReport([])} aria-labelledby="table-title">
        <DialogTitle id="table-title">The table</DialogTitle>
        <DialogContent>{report.map((r) => <Typography key={r}>{r}</Typography>)}</DialogContent>
        <DialogActions><Button onClick={() => setReport([])}>Close</Button></DialogActions>
      </Dialog>
    </>
  );
}
