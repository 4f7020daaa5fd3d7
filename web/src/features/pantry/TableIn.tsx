import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  LinearProgress,
} from '@mui/material';
import { useRef } from 'react';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useTable } from './useTable';

/** Takes a table of ingredients or prices in: good rows are taken, bad ones reported by line. */
export function TableIn() {
  const picker = useRef<HTMLInputElement>(null);
  const { share, report, take, stop, close } = useTable();
  const under = share !== undefined;
  const { act } = useAct();
  return (
    <>
      <Button variant="outlined" disabled={under} onClick={() => picker.current?.click()}>
        Take in a table
      </Button>
      <input
        ref={picker}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="Pantry table"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) act(async () => take(await file.text()));
          e.target.value = '';
        }}
      />
      <Dialog
        open={under || report.length > 0}
        onClose={under ? undefined : close}
        fullWidth
        aria-labelledby="table-title"
      >
        <DialogTitle id="table-title">The table</DialogTitle>
        <DialogContent>
          {under && (
            <LinearProgress
              variant="determinate"
              value={100 * share}
              aria-label={`${Math.round(100 * share)} % of the rows are taken in`}
            />
          )}
          {report.map((r) => (
            <Text key={r}>{r}</Text>
          ))}
        </DialogContent>
        <DialogActions>
          {under ? <Button onClick={stop}>Stop</Button> : <Button onClick={close}>Close</Button>}
        </DialogActions>
      </Dialog>
    </>
  );
}
