def bubble(data):
    n = len(data)
    swaps = 0
    for i in range(n):
        swapped = False
        for j in range(0, n - i - 1):
            if data[j] > data[j + 1]:
                data[j], data[j + 1] = data[j + 1], data[j]
                swaps += 1
                swapped = True
        if not swapped:
            break
    return swaps
def binary(data, target):
    lo, hi = 0, len(data) - 1
    while lo <= hi:
        mid = (lo + hi) // 2
        if data[mid] == target: return mid
        if data[mid] < target: lo = mid + 1
        else: hi = mid - 1
    return -1
nums = [9, 4, 7, 1, 8, 2]
print(bubble(nums), nums)
for t in (7, 3):
    pos = binary(nums, t)
    print(t, "->", pos if pos != -1 else "not found")
print(*nums, sep=" < ")
