import { Box, Button, InputBase, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { newId, type BatchView } from '../../api/client';
import { ProblemError } from '../../api/problem';
import { useNoting } from '../../api/stageNotes';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Pick } from '../../ui/fields';
import { Sheet } from '../../ui/Sheet';
import { shrunk } from '../../ui/shrunk';

/** How a stage looks when it is done: for whoever cooks this next. */
export function StageNoteSheet({
  batch,
  stage: first,
  onClose,
}: {
  batch: BatchView;
  stage: string;
  onClose: () => void;
}) {
  const { note: write } = useNoting(batch.id);
  const picker = useRef<HTMLInputElement>(null);
  // Kept while the sheet is open: what arrived although no answer came back arrives once.
  const [id] = useState(newId);
  const [stage, setStage] = useState(first);
  const [words, setWords] = useState('');
  const [photo, setPhoto] = useState<string>();
  const [fault, setFault] = useState<string>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setFault(undefined);
    setPhoto(
      await shrunk(file).catch(() => {
        setFault('This file cannot be taken as a photo. Take another, or write a note.');
        return photo;
      }),
    );
  };
  const save = async () => {
    try {
      await write(id, stage, words.trim(), photo);
      onClose();
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const stages = [...new Set(batch.planned.stages.map((s) => s.title))];
  return (
    <Sheet
      title="How it looks"
      act="Keep it"
      ready={Boolean(photo) || words.trim() !== ''}
      onAct={() => void save()}
      onClose={onClose}
    >
      <Pick
        label="Done with"
        value={stage}
        options={stages.map((s) => [s, s] as const)}
        onPick={setStage}
      />
      {photo && (
        <Box
          component="img"
          src={`data:image/jpeg;base64,${photo}`}
          alt="The photo as it will be kept"
          sx={{
            maxWidth: '100%',
            maxHeight: sizes.kitchenPot,
            objectFit: 'contain',
            alignSelf: 'flex-start',
          }}
        />
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="outlined"
          onClick={() => picker.current?.click()}
          sx={{ minHeight: sizes.target }}
        >
          {photo ? 'Take another photo' : 'Take a photo'}
        </Button>
        {photo && <Button onClick={() => setPhoto(undefined)}>Leave it out</Button>}
        <input
          ref={picker}
          type="file"
          accept="image/*"
          capture="environment"
          hidden
          aria-label="Photo"
          onChange={(e) => {
            void take(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
      </Box>
      <Box>
        <Typography
          component="label"
          htmlFor="look-note"
          variant="caption"
          sx={{ color: 'text.secondary', display: 'block' }}
        >
          What to see, smell or hear
        </Typography>
        <InputBase
          id="look-note"
          value={words}
          onChange={(e) => {
            setFault(undefined);
            setWords(e.target.value);
          }}
          multiline
          minRows={2}
          fullWidth
          inputProps={{ maxLength: 2000 }}
          sx={{ borderBottom: 1.5, borderColor: 'text.primary' }}
        />
      </Box>
      {fault && <Note tone="tomato">{fault}</Note>}
    </Sheet>
  );
}
