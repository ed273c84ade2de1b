import { readFileSync } from 'node:fs';
import { mutants } from '../../bench/mutant-list';

describe('the faults that are put into the program by hand', () => {
  it('have each their one place in the code as it is', () => {
    const astray = mutants.filter(
      ({ file, find }) => readFileSync(file, 'utf8').split(find).length !== 2,
    );
    expect(astray.map(({ file, find }) => `${file}: ${find}`)).toEqual([]);
  });

  it('change what they are put in place of', () => {
    expect(mutants.filter(({ find, instead }) => find === instead)).toEqual([]);
  });
});
