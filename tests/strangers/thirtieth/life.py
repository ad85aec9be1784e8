import itertools

class Life:
    def __init__(self, alive):
        self.alive = set(alive)

    @classmethod
    def from_text(cls, text):
        return cls((x, y) for y, line in enumerate(text.splitlines()) for x, sign in enumerate(line) if sign == '#')

    def neighbours(self, cell):
        x, y = cell
        return {(x + dx, y + dy) for dx, dy in itertools.product((-1, 0, 1), repeat=2) if (dx, dy) != (0, 0)}

    def step(self):
        candidates = self.alive | {n for c in self.alive for n in self.neighbours(c)}
        new = set()
        for c in candidates:
            n = len(self.neighbours(c) & self.alive)
            if n == 3 or n == 2 and c in self.alive:
                new.add(c)
        self.alive = new

    def __str__(self):
        if not self.alive:
            return '(empty)'
        xs, ys = zip(*self.alive)
        return '\n'.join(''.join('#' if (x, y) in self.alive else '.' for x in range(min(xs), max(xs) + 1))
                         for y in range(min(ys), max(ys) + 1))

glider = Life.from_text(""".#.
..#
###""")
seen = {}
for generation in itertools.count():
    key = str(glider)
    if key in seen:
        print('shape of', seen[key], 'again at', generation)
        break
    seen[key] = generation
    print(generation, len(glider.alive))
    print(key)
    glider.step()
print(sorted(glider.alive))
for a, b in itertools.combinations('abc', 2):
    print(a + b, end=' ')
print()
print(list(itertools.chain([1], (2, 3))), list(itertools.accumulate([1, 2, 3, 4])), list(itertools.islice(itertools.cycle('xy'), 5)))
print([(k, len(list(g))) for k, g in itertools.groupby('aabbbc')], list(itertools.zip_longest([1, 2], 'a', fillvalue='-')))
print(list(itertools.takewhile(lambda n: n < 5, itertools.count(1, 2))), list(itertools.permutations([1, 2, 3]))[:3])
