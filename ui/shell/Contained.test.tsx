import { act, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { Contained } from './Contained';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

function Fails({ now }: { now: boolean }): ReactNode {
  if (now) throw new TypeError('a part that fails');
  return <p>whole</p>;
}

test('a part that fails says so with the seed of a report, its neighbours stay, and a new attempt may do', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const place = document.createElement('div');
  const root = createRoot(place);
  const draw = (now: boolean, attempt: number): void =>
    act(() =>
      root.render(
        <>
          <Contained part="the margin" attempt={attempt}>
            <Fails now={now} />
          </Contained>
          <p>beside it</p>
        </>,
      ),
    );
  draw(true, 1);
  expect(place.textContent).toContain('This part of the page could not go on.');
  expect(place.textContent).toContain('TypeError: a part that fails');
  expect(place.textContent).toContain('Where: the margin');
  expect(place.textContent).toContain('beside it');
  draw(false, 2);
  expect(place.textContent).toBe('wholebeside it');
  act(() => root.unmount());
  quiet.mockRestore();
});
