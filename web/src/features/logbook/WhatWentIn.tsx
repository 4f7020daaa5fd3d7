import { Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { client, newId, type BatchView } from '../../api/client';
import { useSources } from '../../api/lots';
import { useStock } from '../../api/pantry';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { Pick, TextLine } from '../../ui/fields';
import { BareList, Row } from '../../ui/layout';
import { Span, Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useSheet } from '../../ui/useSheet';
import { SourceForm } from './logbook.styles';

/** A code as it is typed, and how it is noted. */
function useCode(batch: BatchView) {
  const queries = useQueryClient();
  const { data: stock = [] } = useStock();
  const first = batch.planned.amounts[0]?.ingredientId ?? '';
  const form = useSheet({ of: first, code: '' }, `codes ${batch.id}`);
  const { of } = form.values;
  const code = form.values.code.trim();
  const packs = stock.filter((s) => s.ingredientId === of && s.code);
  const stockId = packs.find((s) => s.code === code)?.id;
  const note = async () => {
    if (!code || !of) return;
    const noted = await form.attempt(async () => {
      await answered(
        client.POST('/api/lots/sources/{batchId}', {
          params: { path: { batchId: batch.id } },
          body: { id: newId(), ingredientId: of, code, ...(stockId ? { stockId } : {}) },
        }),
      );
      await queries.invalidateQueries({ queryKey: ['lots'] });
    });
    if (noted) form.afresh();
  };
  return { form, packs, note };
}

/** Codes of cans and tags, so that a recall finds this batch. */
export function WhatWentIn({ batch, zone }: { batch: BatchView; zone: string }) {
  const { data: sources = [] } = useSources(batch.id);
  const { form, packs, note } = useCode(batch);
  const { values, put, refused } = form;
  const { act } = useAct();
  return (
    <section aria-label="What went in">
      <Text variant="h2">What it came from</Text>
      <BareList>
        {sources.map((s) => (
          <Text component="li" key={`${s.name}${s.code}${s.at ?? ''}`}>
            {s.name} <b>{s.code}</b>
            {s.at && (
              <Span tone="muted" size="small">
                {' '}
                noted {show.day(s.at, zone)}
                {s.words ? `, ${s.words}` : ''}
              </Span>
            )}
          </Text>
        ))}
      </BareList>
      <SourceForm
        onSubmit={(e) => {
          e.preventDefault();
          act(note);
        }}
      >
        <Pick
          label="Of"
          value={values.of}
          options={batch.planned.amounts.map((a) => [a.ingredientId, a.name] as const)}
          onPick={(to) => put('of', to)}
        />
        <TextLine
          label="Code on the can, number of the tag"
          text={values.code}
          onText={(to) => put('code', to)}
          fault={refused?.summary}
        />
        <Button type="submit" variant="outlined" disabled={!values.code.trim() || !values.of}>
          Note it
        </Button>
      </SourceForm>
      {packs.length > 0 && (
        <Row align="center" wrap sx={{ mt: 0.5 }}>
          On the shelf:{' '}
          {packs.map((s) => (
            <Button key={s.id} onClick={() => put('code', s.code ?? '')}>
              {s.code}
            </Button>
          ))}
        </Row>
      )}
    </section>
  );
}
