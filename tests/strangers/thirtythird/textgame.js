const readline = require('readline');

const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

const state = { lives: 3, word: 'marigold', guessed: new Set() };

const masked = () => [...state.word].map(l => (state.guessed.has(l) ? l : '_')).join(' ');

function guess(letter) {
  if (!/^[a-z]$/.test(letter)) return 'one letter, please';
  if (state.guessed.has(letter)) return `you had ${letter}`;
  state.guessed.add(letter);
  if (state.word.includes(letter)) return 'yes';
  state.lives -= 1;
  return `no, ${state.lives} ${state.lives === 1 ? 'life' : 'lives'} left`;
}

function turn() {
  if (state.lives === 0) {
    console.log('It was ' + state.word);
    return rl.close();
  }
  if (!masked().includes('_')) {
    console.log('Well done!');
    return rl.close();
  }
  console.log(masked());
  rl.question('letter? ', answer => {
    console.log(guess(answer.trim().toLowerCase()));
    turn();
  });
}

turn();
