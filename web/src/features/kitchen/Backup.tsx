import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { client } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';

/** The whole kitchen as one file, and back into an empty one. */
export function Backup() {
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState<ProblemError>();
  const restore = async (file: File) => {
    setBusy(true);
    setSaid('');
    setProblem(undefined);
    try {
      const { tables, rows } = await answered(
        client.POST('/api/backup', {
          body: [] as unknown as string,
          bodySerializer: () => file,
          headers: { 'content-type': 'application/zip' },
        }),
      );
      setSaid(`All of it is back: ${rows} rows of ${tables} tables.`);
      await queries.invalidateQueries();
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setProblem(e);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box component="section" aria-label="Backup">
      <Typography variant="h2">Backup</Typography>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary', mb: 1 }}>
        Everything of this kitchen in one file: a zip of JSON, one file for each table. It goes back
        into an installation that was started empty.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" component="a" href="/api/backup" download="urn-stew-backup.zip">
          Save a backup
        </Button>
        <Button variant="outlined" disabled={busy} onClick={() => input.current?.click()}>
          {busy ? 'Reading it back' : 'Restore one'}
        </Button>
        <input
          ref={input}
          type="file"
          accept=".zip,application/zip"
          aria-label="Backup to restore"
          hidden
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file) void restore(file);
          }}
        />
      </Box>
      {said && <Typography role="status">{said}</Typography>}
      {problem && <Note tone="tomato">{problem.summary}</Note>}
    </Box>
  );
}
