import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { QuantityField } from './QuantityField';
import { parseQuantity } from './parse';
import { show } from '../test/stove';

function Serving() {
  const [text, setText] = useState('110 g');
  const read = parseQuantity(text, 'MASS', 'g');
  return (
    <QuantityField
      label="Each gets"
      text={text}
      onText={setText}
      understood={
        read.outcome === 'understood' ? `${Math.round(read.value * 1000)} g understood` : ''
      }
      fault={read.outcome === 'understood' ? undefined : read.message}
    />
  );
}

it('keeps the text as typed, shows what was understood, and asks where it is unclear', async () => {
  show(<Serving />);
  const field = screen.getByLabelText('Each gets');
  await userEvent.clear(field);
  await userEvent.type(field, '1/2 lb');
  expect(screen.getByText('227 g understood')).toBeInTheDocument();
  await userEvent.clear(field);
  await userEvent.type(field, '1,500');
  expect(screen.getByRole('alert')).toHaveTextContent('Is 1,500 1500 or 1.500?');
  expect(field).toHaveValue('1,500');
  expect(field).toBeInvalid();
});
