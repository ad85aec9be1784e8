def spiral(n):
    if n < 2:
        return n
    return spiral(n - 1) + spiral(n - 2)


numbers = []
for n in range(6):
    numbers.append(spiral(n))
print(numbers)
print(numbers[-1], numbers[2:5], numbers[::-1])
