const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin });

const questions = [
    { q: 'How many legs has a spider?', a: '8' },
    { q: 'What do bees make?', a: 'honey' },
    { q: 'Is a tomato a fruit? (y/n)', a: 'y' },
];
let index = 0;
let score = 0;

function ask() {
    if (index < questions.length) {
        console.log(`Q${index + 1}: ${questions[index].q}`);
    } else {
        finish();
    }
}

function finish() {
    const percent = Math.floor((score / questions.length) * 100);
    console.log(`Score: ${score}/${questions.length} (${percent}%)`);
    if (percent === 100) {
        console.log('Perfect!');
    } else if (percent >= 50) {
        console.log('Well done');
    } else {
        console.log('Try again');
    }
    rl.close();
}

rl.on('line', (line) => {
    const answer = line.trim().toLowerCase();
    if (index >= questions.length) return;
    if (answer === '') {
        console.log('Please answer');
        return;
    }
    if (answer === questions[index].a) {
        score += 1;
        console.log('Right');
    } else {
        console.log('Wrong, it was ' + questions[index].a);
    }
    index++;
    ask();
});

rl.on('close', () => {
    console.log('bye');
});

ask();
