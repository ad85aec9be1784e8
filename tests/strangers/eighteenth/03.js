'use strict'
// snake without the screen
const WIDTH = 8, HEIGHT = 5
const DIRS = { U: [0, -1], D: [0, 1], L: [-1, 0], R: [1, 0] }

function makeGame(seed) {
  let state = seed
  const rand = n => {
    state = (state * 1103515245 + 12345) % 2147483648
    return state % n
  }
  const game = {
    snake: [{ x: 2, y: 2 }],
    dir: 'R',
    food: null,
    score: 0,
    over: false,
    placeFood() {
      do {
        this.food = { x: rand(WIDTH), y: rand(HEIGHT) }
      } while (this.snake.some(p => p.x === this.food.x && p.y === this.food.y))
    },
    turn(d) {
      const opposite = { U: 'D', D: 'U', L: 'R', R: 'L' }
      if (opposite[d] !== this.dir) this.dir = d
    },
    step() {
      if (this.over) return
      const [dx, dy] = DIRS[this.dir]
      const head = this.snake[0]
      const next = { x: head.x + dx, y: head.y + dy }
      if (next.x < 0 || next.y < 0 || next.x >= WIDTH || next.y >= HEIGHT) {
        this.over = true
        return
      }
      this.snake.unshift(next)
      if (next.x === this.food.x && next.y === this.food.y) {
        this.score += 10
        this.placeFood()
      } else {
        this.snake.pop()
      }
    },
    draw() {
      const rows = []
      for (let y = 0; y < HEIGHT; y++) {
        let row = ''
        for (let x = 0; x < WIDTH; x++) {
          const part = this.snake.findIndex(p => p.x === x && p.y === y)
          row += part === 0 ? '@' : part > 0 ? 'o' : this.food.x === x && this.food.y === y ? '*' : '.'
        }
        rows.push(row)
      }
      return rows.join('\n')
    }
  }
  game.placeFood()
  return game
}

const game = makeGame(42)
console.log(game.draw())
for (const move of 'RRDDLLUURRRRRRRR') {
  game.turn(move)
  game.step()
}
console.log(game.draw())
console.log(`score ${game.score}, over: ${game.over}, length: ${game.snake.length}`)
console.log(Object.values(DIRS).map(([x, y]) => x + y), (7.5).toFixed(), (1234.5678).toFixed(2), 1e-7, 123456789012345680000)
