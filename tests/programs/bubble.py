rows = [5, 2, 9, 1, 7]
n = len(rows)
for i in range(n):
    for j in range(n - 1 - i):
        if rows[j] > rows[j + 1]:
            rows[j], rows[j + 1] = rows[j + 1], rows[j]
for row in rows:
    print(row)
