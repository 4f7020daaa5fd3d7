import { Button } from '@mui/material';
import { useRef, useState } from 'react';
import { newId, type BatchView } from '../../api/client';
import { useNoting } from '../../api/stageNotes';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Pick, TextArea } from '../../ui/fields';
import { Row } from '../../ui/layout';
import { shrunk } from '../../ui/shrunk';
import { useAct } from '../../ui/useAct';
import { useSheet } from '../../ui/useSheet';
import { Photo } from './batch.styles';

interface Look {
  stage: string;
  words: string;
  photo: string;
}
const NO_PHOTO = 'This file cannot be taken as a photo. Take another, or write a note.';

/** How a stage looks when it is done: for whoever cooks this next. */
export function StageNoteSheet({
  batch,
  stage,
  onClose,
}: {
  batch: BatchView;
  stage: string;
  onClose: () => void;
}) {
  const { note: write } = useNoting(batch.id);
  // Kept while the sheet is open: what arrived although no answer came back arrives once.
  const [id] = useState(newId);
  const sheet = useSheet<Look>({ stage, words: '', photo: '' }, `look ${batch.id}`);
  const { values, put, attempt } = sheet;
  const save = async () => {
    const { photo } = values;
    if (await attempt(() => write(id, values.stage, values.words.trim(), photo || undefined)))
      onClose();
  };
  const stages = [...new Set(batch.planned.stages.map((s) => s.title))];
  return (
    <Sheet
      of={sheet}
      title="How it looks"
      act="Keep it"
      ready={values.photo !== '' || values.words.trim() !== ''}
      onAct={save}
      onClose={onClose}
    >
      <Pick
        label="Done with"
        value={values.stage}
        options={stages.map((s) => [s, s] as const)}
        onPick={(to) => put('stage', to)}
      />
      <PhotoField photo={values.photo} onPhoto={(to) => put('photo', to)} />
      <TextArea
        label="What to see, smell or hear"
        text={values.words}
        onText={(to) => put('words', to)}
      />
    </Sheet>
  );
}

function PhotoField({ photo, onPhoto }: { photo: string; onPhoto: (base64: string) => void }) {
  const picker = useRef<HTMLInputElement>(null);
  const { act } = useAct();
  const [fault, setFault] = useState(false);
  const take = async (file: File) => {
    setFault(false);
    const taken = await shrunk(file).catch(() => undefined);
    if (taken) onPhoto(taken);
    else setFault(true);
  };
  return (
    <>
      {photo && (
        <Photo src={`data:image/jpeg;base64,${photo}`} alt="The photo as it will be kept" />
      )}
      <Row>
        <Button
          variant="outlined"
          onClick={() => picker.current?.click()}
          sx={{ minHeight: sizes.target }}
        >
          {photo ? 'Take another photo' : 'Take a photo'}
        </Button>
        {photo && <Button onClick={() => onPhoto('')}>Leave it out</Button>}
        <input
          ref={picker}
          type="file"
          accept="image/*"
          capture="environment"
          hidden
          aria-label="Photo"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) act(() => take(file));
            e.target.value = '';
          }}
        />
      </Row>
      {fault && <Note tone="tomato">{NO_PHOTO}</Note>}
    </>
  );
}
