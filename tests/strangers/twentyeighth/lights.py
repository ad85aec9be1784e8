def parse(line):
    """'on 1,2 through 3,4' -> ('on', (1, 2), (3, 4))"""
    words = line.split()
    action = words[0] if words[0] == "toggle" else words[1] if words[0] == "turn" else words[0]
    a, b = (tuple(map(int, w.split(","))) for w in words if "," in w)
    return action, a, b

def run(lines, n=6):
    grid = [[False] * n for _ in range(n)]
    for line in lines:
        action, (x1, y1), (x2, y2) = parse(line)
        for y in range(y1, y2 + 1):
            for x in range(x1, x2 + 1):
                if action == "toggle":
                    grid[y][x] = not grid[y][x]
                else:
                    grid[y][x] = action == "on"
    return grid

lines = """turn on 0,0 through 5,1
toggle 2,0 through 3,5
turn off 0,0 through 1,0""".split("\n")
g = run(lines)
for row in g:
    print("".join(".#"[cell] for cell in row))
print(sum(map(sum, g)), [sum(r) for r in g], [sum(c) for c in zip(*g)])
transposed = list(map(list, zip(*g)))
print(transposed == g, any(all(r) for r in g), sum(1 for r in g if not any(r)))
bits = [int("".join(str(int(c)) for c in row), 2) for row in g]
print(bits, [f"{b:06b}" for b in bits[:2]], [hex(b) for b in bits], bin(bits[0] ^ bits[1]), bits[0] & bits[2] | 1, ~bits[0], bits[0] << 2 >> 1)
seen = {}
state, steps = 5, 0
while state not in seen:
    seen[state] = steps
    state = (state * 7 + 3) % 32
    steps += 1
print(f"loop of {steps - seen[state]} after {seen[state]}")
mirror = [row[::-1] for row in g[::-1]]
rot = [list(r) for r in zip(*g[::-1])]
print(mirror[0], rot[0], g[-1][-3:], g[1:3][0][::2])
try:
    parse("turn on 1,2")
except ValueError as e:
    print("bad line:", e)
first, *_, last = lines
print(first.split()[-1], last[:8], len(_))
x = [1, 2, 3]
y = x
y += [4]
x = x + [5]
print(x, y, x is y)
def f(a, b=[], *, c=None, **d):
    b.append(a)
    return b, c, d
print(f(1), f(2, c=3, e=4), f(3, [0]))
