rows = 5
for i in range(1, rows + 1):
    print(" " * (rows - i) + "*" * (2 * i - 1))
for i in range(rows, 0, -1):
    for j in range(i):
        print(j + 1, end="")
    print()
for i in range(1, 4):
    for j in range(1, 4):
        print(i * j, end="\t")
    print()
print("\n".join("".join(str((r + c) % 2) for c in range(4)) for r in range(2)))
a, b = 0, 1
while a < 50:
    print(a, end=",")
    a, b = b, a + b
print()
triangle = [[1]]
for _ in range(4):
    last = triangle[-1]
    triangle.append([1] + [last[i] + last[i + 1] for i in range(len(last) - 1)] + [1])
for row in triangle:
    print(" ".join(map(str, row)).center(12))
