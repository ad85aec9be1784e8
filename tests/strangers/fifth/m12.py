def linear_search(lst, target):
    for index, value in enumerate(lst):
        if value == target:
            return index
    return -1

def binary_search(lst, target):
    low = 0
    high = len(lst) - 1
    while low <= high:
        mid = (low + high) // 2
        if lst[mid] == target:
            return mid
        elif lst[mid] < target:
            low = mid + 1
        else:
            high = mid - 1
    return None

numbers = [3, 8, 15, 23, 42, 77]
print(linear_search(numbers, 23), linear_search(numbers, 5))
print(binary_search(numbers, 23), binary_search(numbers, 5))
found = binary_search(numbers, 3)
if found is not None:
    print("at", found)
stack = []
stack.append(1); stack.append(2)
print(stack.pop(), stack)
queue = [1, 2, 3]
print(queue.pop(0), queue)
matrix = [[0] * 3 for i in range(3)]
matrix[1][1] = 5
for r in matrix: print(*r)
copy = list(numbers); copy.insert(2, 99); print(copy, numbers)
print(sum(numbers) / len(numbers), sorted(numbers, reverse=True)[0], numbers[-2:])
