beds = list(range(10))
del beds[1:3]
print(beds)
del beds[1:-1]
print(beds)
beds += [1, 2, 3, 4, 5]
del beds[-2:]
print(beds)
del beds[:2]
print(beds)
n = 1
del beds[n:]
print(beds)
del beds[:]
print(beds, len(beds))
rows = [[1, 2, 3], [4, 5, 6]]
for row in rows:
    del row[2:1]
    del row[0:1]
print(rows)
