# Tuples: the corners of a bed.
def corner(number):
    return number * 3, number + 1


x, y = corner(2)
print(x, y)
for number in range(3):
    x, y = corner(number)
    print(x + y)
