# Bubble, insertion, selection, merge and quick sort compared by number of comparisons
import time

comparisons = 0

def less(a, b):
    global comparisons
    comparisons += 1
    return a < b

def bubble(a):
    a = a[:]
    for end in range(len(a) - 1, 0, -1):
        swapped = False
        for i in range(end):
            if less(a[i + 1], a[i]):
                a[i], a[i + 1] = a[i + 1], a[i]
                swapped = True
        if not swapped:
            break
    return a

def insertion(a):
    a = list(a)
    for i in range(1, len(a)):
        key, j = a[i], i - 1
        while j >= 0 and less(key, a[j]):
            a[j + 1] = a[j]
            j -= 1
        a[j + 1] = key
    return a

def selection(a):
    a = a.copy()
    for i in range(len(a)):
        smallest = i
        for j in range(i + 1, len(a)):
            if less(a[j], a[smallest]):
                smallest = j
        a[i], a[smallest] = a[smallest], a[i]
    return a

def merge_sort(a):
    if len(a) < 2:
        return a
    mid = len(a) // 2
    left, right = merge_sort(a[:mid]), merge_sort(a[mid:])
    merged = []
    while left and right:
        merged.append(left.pop(0) if not less(right[0], left[0]) else right.pop(0))
    return merged + left + right

def quick(a):
    if len(a) <= 1:
        return a
    pivot, *rest = a
    smaller = [x for x in rest if less(x, pivot)]
    larger = [x for x in rest if x >= pivot]
    return quick(smaller) + [pivot] + quick(larger)

data = [(i * 37 + 11) % 50 for i in range(25)]
start = time.time()
for sort in (bubble, insertion, selection, merge_sort, quick):
    comparisons = 0
    result = sort(data)
    assert result == sorted(data), sort.__name__
    print(f"{sort.__name__:>12}: {comparisons:4d} comparisons")
elapsed = time.time() - start
print(elapsed < 60)
print(data[:5], sorted(data)[-3:])
