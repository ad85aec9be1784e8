print(list(range(5)), list(range(2, 5)), list(range(10, 0, -3)), list(range(0)), list(range(5, 2)))
for number in range(3):
    pass
print(number)
for number in range(10, 0, -2):
    print(number, end=",")
print("go")
total = 0
for number in range(1, 101):
    total += number
print(total)
print(len(range(7)), 3 in range(5), sum(range(4)))
