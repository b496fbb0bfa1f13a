import { keepUnits, unitsHere } from './units';

afterEach(() => {
  jest.restoreAllMocks();
  localStorage.clear();
});

test('US units until something else is kept, in this browser from then on', () => {
  expect(unitsHere()).toBe('us');
  keepUnits('metric');
  expect(unitsHere()).toBe('metric');
  keepUnits('us');
  expect(unitsHere()).toBe('us');
});

test('what is no system of units is not followed', () => {
  localStorage.setItem('agrologos-units', 'stones');
  expect(unitsHere()).toBe('us');
});

test('a browser that lets nothing be kept shows US units, and no error', () => {
  const refuse = (): never => {
    throw new DOMException('refused', 'SecurityError');
  };
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(refuse);
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(refuse);
  expect(() => keepUnits('metric')).not.toThrow();
  expect(unitsHere()).toBe('us');
});
