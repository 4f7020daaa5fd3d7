import { Button, Dialog, DialogContent, DialogTitle, useMediaQuery } from '@mui/material';
import { useTheme, type Breakpoint } from '@mui/material/styles';
import { useId, type ReactNode } from 'react';
import type { ProblemError } from '../api/problem';
import { sizes } from '../theme/tokens';
import { ActButton } from './ActButton';
import { Note } from './Note';
import { Column, Row } from './layout';
import { Text } from './text';
import { useAct } from './useAct';

/** What a sheet knows of the form on it; see `useSheet`. */
interface Form {
  dirty: boolean;
  /** When it was left typed without being written, ms; absent where it begins anew. */
  leftAt: number | undefined;
  afresh: () => void;
  forget: () => void;
  refused: ProblemError | undefined;
  refusedElsewhere?: ProblemError | undefined;
  hour: ReactNode;
  hourUnderstood: boolean;
}

interface Props {
  of: Form;
  title: string;
  act?: string;
  ready: boolean;
  onAct: () => Promise<unknown> | undefined;
  onClose: () => void;
  /** What a field on it says already. */
  atField?: string | undefined;
  /** Other acts than the main one. */
  more?: ReactNode;
  width?: Breakpoint;
  children: ReactNode;
}

/**
 * A sheet to write on: the whole screen on a phone. A touch beside it does not close it once
 * something is typed, and what is typed stays until it is written or left.
 */
export function Sheet(props: Props) {
  const { of, title, act = 'Save', ready, onAct, onClose, atField, more, width = 'xs' } = props;
  const id = useId();
  const phone = useMediaQuery(useTheme().breakpoints.down('sm'));
  const entering = useAct();
  const able = ready && of.hourUnderstood;
  const save = async () => (able ? onAct() : undefined);
  const leave = () => {
    of.forget();
    onClose();
  };
  const refused = 'refusedElsewhere' in of ? of.refusedElsewhere : of.refused;
  return (
    <Dialog
      open
      onClose={(_, why) => (why === 'backdropClick' && of.dirty ? undefined : onClose())}
      fullScreen={phone}
      fullWidth
      maxWidth={width}
      aria-labelledby={id}
    >
      <DialogTitle id={id}>{title}</DialogTitle>
      <DialogContent>
        <Column
          as="form"
          gap={2}
          onSubmit={(e) => {
            e.preventDefault();
            entering.act(save);
          }}
        >
          {of.leftAt !== undefined && <AsLeft onAfresh={of.afresh} />}
          {props.children}
          {of.hour}
          {refused && !atField && <Note tone="tomato">{refused.summary}</Note>}
          <Row wrap>
            <ActButton
              type="submit"
              variant="contained"
              disabled={!able}
              busy={entering.busy}
              sx={{ flex: 1, minHeight: sizes.target }}
            >
              {act}
            </ActButton>
            {more}
            <Button variant="outlined" onClick={leave} sx={{ minHeight: sizes.target }}>
              Leave
            </Button>
          </Row>
        </Column>
      </DialogContent>
    </Dialog>
  );
}

function AsLeft({ onAfresh }: { onAfresh: () => void }) {
  return (
    <Row align="baseline" wrap between>
      <Text tone="muted">As it was left typed here.</Text>
      <Button size="small" onClick={onAfresh}>
        Start afresh
      </Button>
    </Row>
  );
}
