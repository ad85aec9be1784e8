for number in range(10, 0, -3):
    print(number, end=" ")
print()
number = 0
while number < 10:
    number += 1
    if number % 2 == 0:
        continue
    if number > 7:
        break
    print(number, end=",")
print("end", number)
while True:
    number -= 4
    if number < 0:
        break
    pass
print(number)
for i in range(3):
    for j in range(i):
        print(i, j, end=";")
print()
for item in ("a", "b"):
    print(item)
print(list(range(5)), list(range(2, 9, 3)), 3 in range(5), len(range(7)), sum(range(101)))
total = 0
for i, value in enumerate([10, 20, 30]):
    total += i * value
print(total, i, value)
