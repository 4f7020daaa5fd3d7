import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { client } from '../../api/client';
import { answered } from '../../api/problem';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';

/** The whole kitchen as one file, and back into an empty one. */
export function Backup() {
  const queries = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const { act, busy } = useAct();
  const [said, setSaid] = useState('');
  const restore = async (file: File) => {
    setSaid('');
    const { tables, rows } = await answered(
      client.POST('/api/backup', {
        body: [] as unknown as string,
        bodySerializer: () => file,
        headers: { 'content-type': 'application/zip' },
      }),
    );
    setSaid(`All of it is back: ${rows} rows of ${tables} tables.`);
    await queries.invalidateQueries();
  };
  return (
    <Box component="section" aria-label="Backup">
      <Text variant="h2">Backup</Text>
      <Text tone="muted" size="small" sx={{ mb: 1 }}>
        Everything of this kitchen in one file: a zip of JSON, one file for each table. It goes back
        into an installation that was started empty.
      </Text>
      <Row wrap>
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
            if (file) act(() => restore(file));
          }}
        />
      </Row>
      {said && <Text role="status">{said}</Text>}
    </Box>
  );
}
