import { Box, Button, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { client, type LineReading } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { lineOf, type DraftLine } from './draft';

interface Props {
  text: string;
  onText: (text: string) => void;
  onRead: (lines: DraftLine[], open: LineReading[]) => void;
}

/** A whole list: what is understood becomes lines, what is not becomes an open question of the stage. */
export function PasteBox({ text, onText, onRead }: Props) {
  const [fault, setFault] = useState('');
  const read = async () => {
    try {
      const all = await answered(client.POST('/api/formulas/lines', { body: { text } }));
      onRead(
        all.flatMap((r) => (r.line ? [lineOf(r.line)] : [])),
        all.filter((r) => r.line === undefined),
      );
      setFault('');
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  return (
    <Box
      sx={{
        bgcolor: 'kitchen.well',
        borderRadius: 1,
        p: 1.5,
        my: 1,
        display: 'flex',
        flexDirection: 'column',
        gap: 1,
      }}
    >
      <TextField
        label="A list, one ingredient to a line"
        multiline
        minRows={4}
        maxRows={14}
        value={text === '\n' ? '' : text}
        autoFocus
        onChange={(e) => onText(e.target.value || '\n')}
        placeholder={
          '2 x 28 oz cans whole tomatoes, crushed by hand\n3 cloves garlic, sliced thin\n28 ml olive oil'
        }
      />
      {fault && (
        <Typography role="alert" sx={{ color: 'error.main' }}>
          {fault}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" disabled={text.trim() === ''} onClick={() => void read()}>
          Read the list
        </Button>
        <Button onClick={() => onText('')}>Close</Button>
      </Box>
    </Box>
  );
}
