def simulate(grid, rounds):
    h, w = len(grid), len(grid[0])
    cells = {(r, c) for r in range(h) for c in range(w) if grid[r][c] == "*"}
    for step in range(rounds):
        near = {}
        for r, c in cells:
            for dr in (-1, 0, 1):
                for dc in (-1, 0, 1):
                    if dr or dc:
                        key = ((r + dr) % h, (c + dc) % w)
                        near[key] = near.get(key, 0) + 1
        cells = {k for k, n in near.items() if n == 3 or (n == 2 and k in cells)}
        yield cells
    
grid = [".....", "..*..", "...*.", ".***.", "....."]
for i, cells in enumerate(simulate(grid, 4)):
    print("round", i + 1, len(cells), sorted(cells)[0])
    for r in range(5):
        print("".join("*" if (r, c) in cells else "." for c in range(5)))
x = [i ** 2 for i in range(10)]
x[2:5] = [0]
del x[::3]
print(x, x[-1:], x[::-1])
a = b = []
b += [1]
print(a, a is b)
s = "Garden"
print(s[1:-1:2], s.swapcase(), s.center(12, "*"), s.partition("d"), s.find("z"))
print(f"{3.14159:8.3f}|{42:05d}|{1e6:,.2f}|{0.256:.1%}|{255:#x}|{-7 // 2}|{-7 % 3}")
