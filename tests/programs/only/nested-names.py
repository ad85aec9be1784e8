m = [[(1, 2), (3, 4)], [(5, 6), (7, 8)]]
print([[a * b + i for a, b in row] for i, row in enumerate(m)])
print([x + y + i for i, row in enumerate(m) for x, y in row])
print({(i, j): a for i, row in enumerate(m) for j, (a, b) in enumerate(row)})
