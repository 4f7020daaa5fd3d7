import { act, renderHook, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FormulaView } from '../../api/client';
import { file, problem, show, standIn } from '../../test/stove';
import { FileIn } from './FileIn';
import { OpenLines } from './OpenLines';
import { PasteBox } from './PasteBox';
import { WithoutSheet } from './WithoutSheet';
import { emptyDraft, newLine } from './draft';
import { useDraft } from './useDraft';

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

const json = (body: unknown) =>
  new Response(JSON.stringify(body), {
    status: 200,
    headers: { 'content-type': 'application/json' },
  });

describe('a draft', () => {
  const begin = () => renderHook(() => useDraft(emptyDraft(), 'mine'));
  const amounts = (of: ReturnType<typeof begin>) =>
    of.result.current.draft.stages[0]?.lines.map((l) => l.amount);

  it('takes lines in, moves them, changes and drops them, and leaves the others as they are', () => {
    const hook = begin();
    const stage = hook.result.current.draft.stages[0]?.key ?? '';
    act(() =>
      hook.result.current.ops.addLines(stage, [
        newLine({ amount: '1 g', ingredientId: 'a' }),
        newLine({ amount: '2 g', ingredientId: 'b' }),
        newLine({ amount: '3 g', ingredientId: 'c' }),
      ]),
    );
    expect(amounts(hook)).toEqual(['1 g', '2 g', '3 g']);
    const before = hook.result.current.draft.stages[0]?.lines ?? [];
    act(() => hook.result.current.ops.moveLine(stage, before[2]?.key ?? '', -1));
    act(() => hook.result.current.ops.changeLine(stage, before[1]?.key ?? '', { amount: '5 g' }));
    expect(amounts(hook)).toEqual(['1 g', '3 g', '5 g']);
    expect(hook.result.current.draft.stages[0]?.lines[0]).toBe(before[0]);
    act(() => hook.result.current.ops.dropLine(stage, before[0]?.key ?? ''));
    let added = '';
    act(() => {
      added = hook.result.current.ops.addLineAfter(stage, before[2]?.key);
    });
    expect(amounts(hook)).toEqual(['3 g', '', '5 g']);
    expect(hook.result.current.draft.stages[0]?.lines[1]?.key).toBe(added);
  });

  it('adds, moves and drops stages', () => {
    const hook = begin();
    const titles = () => hook.result.current.draft.stages.map((s) => s.title);
    const first = hook.result.current.draft.stages[0]?.key ?? '';
    const count = titles().length;
    act(() => hook.result.current.ops.addStageAfter(first));
    const second = hook.result.current.draft.stages[1]?.key ?? '';
    act(() => hook.result.current.ops.changeStage(second, { title: 'Flame' }));
    act(() => hook.result.current.ops.moveStage(second, -1));
    expect(titles()[0]).toBe('Flame');
    act(() => hook.result.current.ops.dropStage(second));
    expect(titles()).toHaveLength(count);
  });

  it('is there again after a reload, until it is forgotten', () => {
    const hook = begin();
    act(() => hook.result.current.ops.change({ name: 'Watch-night red' }));
    hook.unmount();
    const again = begin();
    expect(again.result.current.draft.name).toBe('Watch-night red');
    act(() => again.result.current.ops.forget());
    again.unmount();
    expect(begin().result.current.draft.name).toBe('');
  });
});

it('makes lines of what it reads and hands over what it could not read', async () => {
  const line = {
    ingredientId: 'garlic',
    massKilograms: 0.009,
    entered: '3 cloves',
    afterMinutes: 0,
    note: 'sliced',
    firstDoseFraction: 1,
  };
  const open = {
    text: 'tomatoes',
    question: 'How much?',
    couldBe: [{ id: 'passata', name: 'Passata' }],
  };
  standIn(json([{ text: '3 cloves garlic, sliced', line, question: '', couldBe: [] }, open]));
  const onRead = vi.fn();
  show(<PasteBox text={'3 cloves garlic, sliced\ntomatoes'} onText={vi.fn()} onRead={onRead} />);
  await userEvent.click(screen.getByRole('button', { name: 'Read the list' }));
  await waitFor(() =>
    expect(onRead).toHaveBeenCalledWith(
      [expect.objectContaining({ ingredientId: 'garlic', amount: '3 cloves', note: 'sliced' })],
      [open],
    ),
  );
});

it('shows lines that nobody has read with their question until they are answered or dropped', async () => {
  const onAnswer = vi.fn();
  const onDrop = vi.fn();
  show(
    <OpenLines
      unread={['tomatoes', '6 oysters']}
      asked={[
        { text: 'tomatoes', question: 'How much?', couldBe: [{ id: 'passata', name: 'Passata' }] },
      ]}
      onAnswer={onAnswer}
      onDrop={onDrop}
    />,
  );
  expect(screen.getByText(/How much\? Perhaps Passata/)).toBeInTheDocument();
  await userEvent.click(screen.getAllByRole('button', { name: 'Answer' })[0] as HTMLElement);
  await userEvent.click(screen.getAllByRole('button', { name: 'Drop it' })[1] as HTMLElement);
  expect(onAnswer).toHaveBeenCalledWith('tomatoes');
  expect(onDrop).toHaveBeenCalledWith('6 oysters');
});

it('reports a strange file place by place and takes nothing in', async () => {
  standIn(json({ id: 'x', faults: [{ where: '/recipeInstructions/2', what: 'has no text' }] }));
  show(<FileIn />);
  await userEvent.upload(screen.getByLabelText('Formula file'), file('{}', 'strange.jsonld'));
  expect(
    within(await screen.findByRole('dialog')).getByText('/recipeInstructions/2: has no text'),
  ).toBeInTheDocument();
});

describe('made without', () => {
  const formula = {
    id: 'ragu',
    name: 'Ridge ragù',
    version: 1,
    chosen: [],
    analysis: {
      saltFraction: 0.008,
      declaration: { allergens: [{ allergen: 'MILK', words: 'milk' }], diets: [] },
    },
  } as unknown as FormulaView;
  const swap = {
    was: 'Butter',
    massKilograms: 0.02,
    instead: [{ name: 'Olive oil', massKilograms: 0.016 }],
    tells: 'does not bind',
    solidsKilograms: 0,
    saltKilograms: 0,
    acidKilograms: 0,
    fatKilograms: 0,
    brings: [],
    takesAway: ['milk'],
  };
  const made = {
    sheet: { name: 'Ridge ragù' },
    swaps: [swap],
    analysis: {
      madeMassKilograms: 1.4,
      saltFraction: 0.009,
      declaration: { allergens: [], diets: [] },
    },
  };

  it('offers what it carries first, shows what is exchanged, and says what is left', async () => {
    const asked = standIn(json(made));
    show(<WithoutSheet formula={formula} units="METRIC" onClose={vi.fn()} />);
    expect(screen.getAllByRole('checkbox')[0]?.closest('label')).toHaveTextContent('milk');
    expect(screen.getByRole('button', { name: 'Keep it as ours' })).toBeDisabled();
    await userEvent.click(screen.getByLabelText('milk'));
    expect(await screen.findByText(/Olive oil/)).toBeInTheDocument();
    expect(
      screen.getByText(/makes 1.40 kg with 0.9 % salt \(0.8 % before\) and carries no allergen/),
    ).toBeInTheDocument();
    expect(asked[0]?.body).toEqual({ schools: [], avoid: [{ kind: 'ALLERGEN', key: 'MILK' }] });
  });

  it('stays open with the reason when it cannot be kept', async () => {
    standIn(
      json(made),
      problem(409, '/sheet/name', 'There is one of that name.', 'Choose another name.'),
    );
    const onClose = vi.fn();
    show(<WithoutSheet formula={formula} units="METRIC" onClose={onClose} />);
    await userEvent.click(screen.getByLabelText('milk'));
    await waitFor(() =>
      expect(screen.getByRole('button', { name: 'Keep it as ours' })).toBeEnabled(),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Keep it as ours' }));
    expect(await screen.findByText(/There is one of that name/)).toBeInTheDocument();
    expect(onClose).not.toHaveBeenCalled();
  });
});
