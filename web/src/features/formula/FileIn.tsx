import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Typography,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { client, newId } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';

/** Takes a formula in from a file; a strange file gives a report and changes nothing. */
export function FileIn() {
  const picker = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [report, setReport] = useState<string[]>([]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const read = await answered(
        client.POST('/api/formulas/files', { body: { id: newId(), text: await file.text() } }),
      );
      if (read.faults.length > 0) return setReport(read.faults.map((f) => `${f.where}: ${f.what}`));
      await queries.invalidateQueries({ queryKey: ['formulas'] });
      void navigate(`/formulas/${read.id}`);
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setReport([e.summary]);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => picker.current?.click()}>
        Take in a file
      </Button>
      <input
        ref={picker}
        type="file"
        accept=".json,.jsonld,application/ld+json"
        hidden
        aria-label="Formula file"
        onChange={(e) => {
          void take(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <Dialog open={report.length > 0} onClose={() => setReport([])} aria-labelledby="report-title">
        <DialogTitle id="report-title">The file was not taken in</DialogTitle>
        <DialogContent>
          {report.map((r) => (
            <Typography key={r}>{r}</Typography>
          ))}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setReport([])}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
