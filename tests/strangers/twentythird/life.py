import sys
import time

SIZE = 10
GLIDER = """
.#.
..#
###
""".strip()

def parse(pattern, top=0, left=0):
    return {(top + r, left + c)
            for r, line in enumerate(pattern.splitlines())
            for c, cell in enumerate(line) if cell == "#"}

def neighbours(cell):
    r, c = cell
    for dr in (-1, 0, 1):
        for dc in (-1, 0, 1):
            if (dr, dc) != (0, 0):
                yield (r + dr) % SIZE, (c + dc) % SIZE

def step(alive):
    counts = {}
    for cell in alive:
        for n in neighbours(cell):
            counts[n] = counts.get(n, 0) + 1
    return {cell for cell, n in counts.items() if n == 3 or n == 2 and cell in alive}

def show(alive, out=sys.stdout):
    for r in range(SIZE):
        out.write("".join("#" if (r, c) in alive else "." for c in range(SIZE)) + "\n")

def main(argv):
    generations = int(argv[1]) if len(argv) > 1 else 4
    alive = parse(GLIDER, 1, 1) | parse("###", 7, 5)
    for gen in range(generations + 1):
        if gen % 2 == 0:
            print(f"gen {gen}: {len(alive)} alive", file=sys.stdout)
            show(alive)
        alive = step(alive)
    print(sorted(alive)[:3])
    print("done", file=sys.stderr)
    return 0

if __name__ == "__main__":
    sys.exit(main(sys.argv))
