plot = [[1, 2, 3], [4, 5, 6], [7, 8, 9]]
diagonal = 0
for i in range(3):
    diagonal += plot[i][i]
print(diagonal)
plot[1][1] = 0
for row in plot:
    print(sum(row))
