def bubble(a):
    a = a[:]
    n = len(a)
    swaps = 0
    for i in range(n - 1):
        swapped = False
        for j in range(n - 1 - i):
            if a[j] > a[j + 1]:
                a[j], a[j + 1] = a[j + 1], a[j]
                swapped = True
                swaps += 1
        if not swapped:
            break
    return a, swaps

def insertion(a):
    a = list(a)
    for i in range(1, len(a)):
        key = a[i]; j = i - 1
        while j >= 0 and a[j] > key:
            a[j + 1] = a[j]
            j -= 1
        a[j + 1] = key
    return a

def merge_sort(a):
    if len(a) <= 1: return a
    mid = len(a) // 2
    left, right = merge_sort(a[:mid]), merge_sort(a[mid:])
    out = []
    while left and right:
        out.append(left.pop(0) if left[0] <= right[0] else right.pop(0))
    return out + left + right

def quick(a):
    if not a: return []
    pivot, *rest = a
    return quick([x for x in rest if x < pivot]) + [pivot] + quick([x for x in rest if x >= pivot])

def binary_search(a, x):
    lo, hi = 0, len(a) - 1
    while lo <= hi:
        mid = (lo + hi) // 2
        if a[mid] == x: return mid
        elif a[mid] < x: lo = mid + 1
        else: hi = mid - 1
    return -1

data = [34, 7, 23, 32, 5, 62, 7, 1]
print(bubble(data))
print(insertion(data) == merge_sort(data) == quick(data) == sorted(data))
s = sorted(data)
print(s, binary_search(s, 23), binary_search(s, 24))
for f in bubble, insertion, merge_sort, quick:
    print(f.__name__, f([3, 1, 2]))
