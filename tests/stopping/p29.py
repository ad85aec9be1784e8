numbers = [1, 2, 3]
for i in range(len(numbers) + 1):
    print(numbers[i])
