# Conway's life on a small torus
W, H = 6, 5
cells = {(1, 0), (2, 1), (0, 2), (1, 2), (2, 2)}
def neighbours(cell):
    x, y = cell
    return {((x + dx) % W, (y + dy) % H) for dx in (-1, 0, 1) for dy in (-1, 0, 1) if (dx, dy) != (0, 0)}
def step(cells):
    new = set()
    for y in range(H):
        for x in range(W):
            n = len(neighbours((x, y)) & cells)
            if n == 3 or (n == 2 and (x, y) in cells):
                new.add((x, y))
    return new
for generation in range(3):
    for y in range(H):
        print("".join("#" if (x, y) in cells else "." for x in range(W)))
    print("-" * W, len(cells))
    cells = step(cells)
