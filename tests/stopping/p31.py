numbers = [3, 1, 2]
numbers = numbers.sort()
print(numbers)
print(numbers[0])
