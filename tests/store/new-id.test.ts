import { isId } from '@/core/gear';
import { newId } from '@/store/new-id';

describe('an id for something new', () => {
  const many = Array.from({ length: 5000 }, newId);

  it('is one that files allow, and is there once', () => {
    expect(many.every(isId)).toBe(true);
    expect(new Set(many).size).toBe(many.length);
  });

  it('comes after all that were made before, as keys are compared', () => {
    expect([...many].sort()).toEqual(many);
  });

  it('comes after them on a clock that was set back, too', () => {
    const clock = jest.spyOn(Date, 'now').mockReturnValue(1000);
    expect(newId() > many.at(-1)!).toBe(true);
    clock.mockRestore();
  });
});
