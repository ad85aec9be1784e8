from math import gcd, lcm, ceil
def read(text):
    try:
        return int(text)
    except ValueError:
        return None
ages = [a for a in map(read, "7 9 x 12 4 y".split()) if a is not None]
print(ages, min(ages), max(ages), sum(ages) / len(ages))
ages.sort(reverse=True)
print(*ages, sep=" > ")
print(gcd(12, 18), lcm(4, 6), ceil(7 / 2))
evens, odds = [], []
for a in ages:
    (evens if a % 2 == 0 else odds).append(a)
print(evens, odds)
matrix = [[1, 2, 3], [4, 5, 6]]
print([list(r) for r in zip(*matrix)])
flat = [x for row in matrix for x in row if x != 3]
print(flat)
grid = [["." for _ in range(4)] for _ in range(2)]
grid[1][2] = "#"
print("\n".join("".join(r) for r in grid))
squares = {n: n ** 2 for n in range(5)}
print(squares, {v: k for k, v in squares.items()})
word = "fernhollow"
print({c: word.count(c) for c in sorted(set(word))})
print(word[::-1], word[1:-1:2], word[-3:])
i = 0
while True:
    i += 1
    if i == 3: continue
    if i > 5: break
    print(i, end=" ")
else:
    print("never")
print()
lines = """one
two
  three""".splitlines()
for n, l in enumerate(lines, 1): print(f"{n:02d} {l!r}")
print(all(a > 3 for a in ages), any(a > 100 for a in ages))
print(round(2.5), round(3.5), round(2.675, 2), -7 // 2, -7 % 3, divmod(17, 5))
print(f"{1234567.891:,.2f} {0.256:.1%} {255:#x} {5:08b} {3.0} {1e10} {1e16} {1/3}")
