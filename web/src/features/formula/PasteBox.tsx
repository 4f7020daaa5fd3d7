import { Button, TextField } from '@mui/material';
import { client, type LineReading } from '../../api/client';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Column, Row, Well } from '../../ui/layout';
import { lineOf, type DraftLine } from './draft';

interface Props {
  text: string;
  onText: (text: string) => void;
  onRead: (lines: DraftLine[], open: LineReading[]) => void;
}

/** A whole list: what is understood becomes lines, what is not becomes an open question of the stage. */
export function PasteBox({ text, onText, onRead }: Props) {
  const read = async () => {
    const all = await answered(client.POST('/api/formulas/lines', { body: { text } }));
    onRead(
      all.flatMap((r) => (r.line ? [lineOf(r.line)] : [])),
      all.filter((r) => r.line === undefined),
    );
  };
  return (
    <Well sx={{ my: 1 }}>
      <Column>
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
        <Row>
          <ActButton variant="contained" disabled={text.trim() === ''} onAct={read}>
            Read the list
          </ActButton>
          <Button onClick={() => onText('')}>Close</Button>
        </Row>
      </Column>
    </Well>
  );
}
