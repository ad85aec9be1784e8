from collections import namedtuple, Counter, deque

Bed = namedtuple("Bed", ["row", "col", "crop"])
beds = [Bed(0, 0, "pea"), Bed(0, 1, "bean"), Bed(1, 0, "pea"), Bed(1, 1, crop="leek")]
print(beds[0], beds[1].crop)
counts = Counter(b.crop for b in beds)
print(counts.most_common(1), counts["kale"], sum(counts.values()))
for row, col, crop in beds:
    print(f"({row}, {col}): {crop}", end="; ")
print()
queue = deque([(0, 0)])
seen = {(0, 0): 0}
grid = ["..#.", ".#..", "....", "#..."]
while queue:
    r, c = queue.popleft()
    for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        nr, nc = r + dr, c + dc
        if 0 <= nr < len(grid) and 0 <= nc < len(grid[0]) and grid[nr][nc] != "#" and (nr, nc) not in seen:
            seen[nr, nc] = seen[r, c] + 1
            queue.append((nr, nc))
print(seen.get((3, 3)), max(seen.values()), len(seen))
print(beds[2]._replace(crop="mint"), beds[3] == Bed(1, 1, "leek"), beds[0] < beds[1])
