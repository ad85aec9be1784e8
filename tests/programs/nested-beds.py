garden = [["bean", "pea"], ["kale"], []]
for row, bed in enumerate(garden, start=1):
    print(row, len(bed), bed)
garden[2].append("mint")
garden[0][1] = "corn"
print(garden)
flat = [plant for bed in garden for plant in bed]
print(flat)
grid = [[0] * 3 for _ in range(2)]
grid[1][2] = 5
print(grid)
for row in grid:
    print(" ".join(str(cell) for cell in row))
