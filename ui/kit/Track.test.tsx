import { renderToStaticMarkup } from 'react-dom/server';
import { PH_SCALE, Track } from './Track';

function drawn(value: number): string {
  const window = { low: 6, high: 7 };
  return renderToStaticMarkup(
    <Track window={window} scale={PH_SCALE} value={value} whisker={undefined} label="pH" />,
  );
}

test.each([
  [8.4, '8.4'],
  [3.25, '3.3'],
])('a value of %s, which the track does not reach, has its number', (value, shown) => {
  expect(drawn(value)).toContain(`>${shown}</text>`);
});

test('a value on the track is a tick without a number', () => {
  expect(drawn(6.25)).not.toContain('6.3');
});
