grid = [["." for _ in range(7)] for _ in range(5)]
def put(x, y, ch):
    if 0 <= y < len(grid) and 0 <= x < len(grid[0]):
        grid[y][x] = ch
        return True
    return False
path = [(0, 0), (1, 0), (1, 1), (2, 1), (3, 2), (9, 9)]
hits = [put(x, y, "*") for x, y in path]
print(hits.count(True), "placed,", hits.count(False), "missed")
for row in grid:
    print("".join(row))
transposed = list(zip(*grid))
print(len(transposed), len(transposed[0]))
flat = [c for row in grid for c in row]
print(flat.index("*"), flat[::-1].index("*"))
