rows = 5
for i in range(rows):
    print(" " * (rows - i - 1) + "*" * (2 * i + 1))
for i in range(1, 4):
    for j in range(1, 4):
        print(f"{i*j:3}", end="")
    print()
