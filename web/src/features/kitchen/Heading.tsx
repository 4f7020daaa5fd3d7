import { Box, Button } from '@mui/material';
import type { Working } from '../../api/client';
import { ShowWorking } from '../../ui/ShowWorking';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

/** The head of one kind of equipment, with the way to add to it. */
export function Heading({
  title,
  act,
  onAct,
  working,
}: {
  title: string;
  act: string;
  onAct: () => void;
  working: Working | undefined;
}) {
  return (
    <Row gap={2} align="center" wrap between sx={{ mb: 1, rowGap: 0 }}>
      <Text variant="h2">{title}</Text>
      <Box sx={{ flex: 1 }}>{working && <ShowWorking working={working} title={title} />}</Box>
      <Button variant="outlined" onClick={onAct}>
        {act}
      </Button>
    </Row>
  );
}
