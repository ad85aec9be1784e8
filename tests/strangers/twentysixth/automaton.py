# Conway-like automaton with text input, no classes, hungarian style names
import sys

strLines = sys.stdin.read().split('\n')
intRows, intCols = [int(v) for v in strLines[0].split()]
lstGrid = []
for i in range(intRows):
    strRow = strLines[1 + i].rstrip()
    lstGrid.append([1 if ch == '#' else 0 for ch in strRow.ljust(intCols, '.')])
intSteps = int(strLines[1 + intRows])

def fnNeighbours(lst, r, c):
    return sum(lst[(r + dr) % len(lst)][(c + dc) % len(lst[0])]
               for dr in (-1, 0, 1)
               for dc in (-1, 0, 1)
               if (dr, dc) != (0, 0))

def fnStep(lst):
    lstNew = [row[:] for row in lst]
    for r, row in enumerate(lst):
        for c, cell in enumerate(row):
            n = fnNeighbours(lst, r, c)
            lstNew[r][c] = 1 if n == 3 or (cell and n == 2) else 0
    return lstNew

def fnShow(lst):
    print('\n'.join(''.join('#' if x else '.' for x in row) for row in lst))

seen = {}
for k in range(intSteps):
    key = tuple(map(tuple, lstGrid))
    if key in seen:
        print('seen before at step', seen[key], 'now', k)
        break
    seen[key] = k
    lstGrid = fnStep(lstGrid)
else:
    print('no repeat in', intSteps)
fnShow(lstGrid)
print(sum(map(sum, lstGrid)), 'alive')
print(*zip(*lstGrid), sep='\n')
