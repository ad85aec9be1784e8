g = [[1, 2], [3, 4]]
for row in g:
    row.append(5)
    for i in range(len(row)):
        row[i] *= 2
people = [{"n": 1}, {"n": 2}]
for p in people:
    p["n"] += 10
def clear_all(rows):
    for r in rows:
        r.clear()
print(g[0][0], len(g[0]), people[0]["n"])
clear_all(g)
print(len(g[1]))
