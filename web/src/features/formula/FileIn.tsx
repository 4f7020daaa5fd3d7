import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { client, newId } from '../../api/client';
import { answered } from '../../api/problem';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useGo } from '../../ui/useGo';

/** Opens a formula from a file; a strange file gives a report and changes nothing. */
export function FileIn() {
  const picker = useRef<HTMLInputElement>(null);
  const go = useGo();
  const queries = useQueryClient();
  const { act } = useAct();
  const [report, setReport] = useState<string[]>([]);
  const take = async (file: File) => {
    const body = { id: newId(), text: await file.text() };
    const read = await answered(client.POST('/api/formulas/files', { body }));
    if (read.faults.length > 0) return setReport(read.faults.map((f) => `${f.where}: ${f.what}`));
    await queries.invalidateQueries({ queryKey: ['formulas'] });
    go(`/formulas/${read.id}`);
  };
  return (
    <>
      <Button variant="outlined" onClick={() => picker.current?.click()}>
        Open a file
      </Button>
      <input
        ref={picker}
        type="file"
        accept=".json,.jsonld,application/ld+json"
        hidden
        aria-label="Formula file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) act(() => take(file));
          e.target.value = '';
        }}
      />
      <Dialog open={report.length > 0} onClose={() => setReport([])} aria-labelledby="report-title">
        <DialogTitle id="report-title">The file was not opened</DialogTitle>
        <DialogContent>
          {report.map((r) => (
            <Text key={r}>{r}</Text>
          ))}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setReport([])}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
