import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { show } from '../../test/stove';
import { OtherWays } from './OtherWays';
import { way, here, hours, ways } from './plan.fixtures';

afterEach(() => vi.unstubAllGlobals());

it('offers each kind of way before a second of one kind, and plans the one that is pressed', async () => {
  const change = vi.fn();
  const all = [
    way('LEVEL', 'rolling', 60),
    way('LEVEL', 'lively', 65),
    way('LEVEL', 'gentle', 68),
    way('POT', 'in the Wide pan', 50),
    way('PASTE', '600 g more paste', 55),
    way('SPLIT', 'half in the Stockpot', 40),
  ];
  show(<OtherWays hours={hours(240)} ways={ways(all)} zone="UTC" change={change} here={here} />);
  const sooner = within(screen.getByRole('region', { name: 'Sooner?' }));
  expect(sooner.queryByText('lively')).not.toBeInTheDocument();
  expect(sooner.getByText('16:40')).toBeInTheDocument();
  await userEvent.click(
    sooner.getByRole('button', { name: /^in the Wide pan, thick enough 16:50/ }),
  );
  expect(change).toHaveBeenCalledWith({ vesselId: 'wide' });
  await userEvent.click(sooner.getByRole('button', { name: /^rolling/ }));
  expect(change).toHaveBeenLastCalledWith({ way: 'ROLLING' });
  await userEvent.click(sooner.getByRole('button', { name: /^half in the Stockpot/ }));
  expect(change).toHaveBeenLastCalledWith({
    sizedBy: 'COVERS',
    covers: '11',
    vesselId: 'rondeau',
    shares: [
      { vesselId: 'rondeau', covers: 11, lit: false },
      { vesselId: 'wide', covers: 11, lit: false },
    ],
  });
  expect(sooner.queryByRole('button', { name: /paste/ })).not.toBeInTheDocument();
});

it('asks for time where it is late, and then offers nothing later', () => {
  show(
    <OtherWays
      hours={hours(-600)}
      ways={ways([way('LID', 'lid off', 50)], [way('LEVEL', 'gentle', 120)])}
      zone="UTC"
      change={vi.fn()}
      here={here}
    />,
  );
  expect(screen.getByRole('region', { name: 'In time?' })).toBeInTheDocument();
  expect(screen.queryByText(/gentle/)).not.toBeInTheDocument();
});

it('says what gives where nothing else is in time, and plans it', async () => {
  const change = vi.fn();
  show(
    <OtherWays
      hours={hours(-600)}
      ways={ways([
        way('THINNER', '9.6 % solids', 30),
        way('FEWER', 'for 22', 30),
        way('LATER_HOUR', 'eat 40 min later', 50),
      ])}
      zone="UTC"
      change={change}
      here={here}
    />,
  );
  const gives = within(screen.getByRole('region', { name: 'What gives?' }));
  await userEvent.click(gives.getByRole('button', { name: /^9.6 % solids/ }));
  expect(change).toHaveBeenLastCalledWith({ target: '9.6 %' });
  await userEvent.click(gives.getByRole('button', { name: /^for 22/ }));
  expect(change).toHaveBeenLastCalledWith({ sizedBy: 'COVERS', covers: '22' });
  await userEvent.click(gives.getByRole('button', { name: /^eat 40 min later/ }));
  expect(change).toHaveBeenLastCalledWith({ readyBy: '18:40' });
});

it('has no empty heading where there is no other way', () => {
  const { container } = show(
    <OtherWays hours={hours(240)} ways={ways([])} zone="UTC" change={vi.fn()} here={here} />,
  );
  expect(container).toBeEmptyDOMElement();
});
