rows = 3
columns = 4
table = []
for row in range(rows):
    line = []
    for column in range(columns):
        line.append(row * column)
    table.append(line)
for line in table:
    for cell in line:
        print(f"{cell:3d}", end="")
    print()
print(table[2][3], len(table), len(table[0]))
print([row[1] for row in table], sum([sum(row) for row in table]))
