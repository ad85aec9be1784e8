def parse(text):
    return {(r, c) for r, line in enumerate(text.split("/")) for c, ch in enumerate(line) if ch == "#"}


def step(cells):
    counts = {}
    for r, c in cells:
        for dr in (-1, 0, 1):
            for dc in (-1, 0, 1):
                if dr or dc:
                    key = r + dr, c + dc
                    counts[key] = counts.get(key, 0) + 1
    return {cell for cell, n in counts.items() if n == 3 or n == 2 and cell in cells}


def show(cells, size=5):
    return "\n".join("".join("#" if (r, c) in cells else "." for c in range(size)) for r in range(size))


glider = parse(".#/..#/###")
history = [frozenset(glider)] if False else [glider]
for _ in range(4):
    history.append(step(history[-1]))
print(show(history[0]), show(history[-1]), sep="\n\n")
shifted = {(r + 1, c + 1) for r, c in history[0]}
print(shifted == history[4], len({len(h) for h in history}))
a, b = divmod(sum(r * 10 + c for r, c in history[2]), 7)
print(a, b, min(history[2]), sorted(history[2])[:2])
