import random

random.seed(4)

def bubble_sort(items):
    n = len(items)
    swaps = 0
    for i in range(n - 1):
        swapped = False
        for j in range(n - 1 - i):
            if items[j] > items[j + 1]:
                items[j], items[j + 1] = items[j + 1], items[j]
                swapped = True
                swaps += 1
        if not swapped:
            break
    return swaps

def merge_sort(items):
    if len(items) <= 1:
        return items
    middle = len(items) // 2
    left = merge_sort(items[:middle])
    right = merge_sort(items[middle:])
    merged = []
    i = j = 0
    while i < len(left) and j < len(right):
        if left[i] <= right[j]:
            merged.append(left[i]); i += 1
        else:
            merged.append(right[j]); j += 1
    merged.extend(left[i:])
    merged.extend(right[j:])
    return merged

def quick_sort(items, low=0, high=None):
    if high is None:
        high = len(items) - 1
    if low < high:
        pivot = items[high]
        i = low - 1
        for j in range(low, high):
            if items[j] < pivot:
                i += 1
                items[i], items[j] = items[j], items[i]
        items[i + 1], items[high] = items[high], items[i + 1]
        quick_sort(items, low, i)
        quick_sort(items, i + 2, high)
    return items

def binary_search(items, wanted):
    low, high = 0, len(items) - 1
    steps = 0
    while low <= high:
        steps += 1
        mid = (low + high) // 2
        if items[mid] == wanted:
            return mid, steps
        elif items[mid] < wanted:
            low = mid + 1
        else:
            high = mid - 1
    return -1, steps

data = [34, 7, 23, 32, 5, 62, 32, 7, 9, 1]
copy = data[:]
print("swaps:", bubble_sort(copy))
print(copy)
assert copy == merge_sort(data) == quick_sort(data[:]) == sorted(data)
print(binary_search(copy, 32), binary_search(copy, 33))
words = "Squash apple Bean cherry apple".split()
print(sorted(words), sorted(words, key=str.lower), sorted(words, key=len, reverse=True))
table = [("bean", 3), ("kale", 1), ("mint", 3)]
table.sort(key=lambda row: (-row[1], row[0]))
print(table)
print([words.index("apple"), words.count("apple")], words[-1:], words[::2])
numbers = sorted(set(random.randint(1, 6) for _ in range(200)))
print(numbers)
