height = 4
for row in range(1, height + 1):
    print(" " * (height - row) + "*" * (2 * row - 1))
line = ""
for number in range(5):
    line += str(number) + ("," if number < 4 else "")
print(line)
print("-" * 3 + ">" + 2 * "ab")
