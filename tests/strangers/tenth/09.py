def quicksort(xs):
    if len(xs) <= 1: return xs
    pivot, *rest = xs
    return quicksort([x for x in rest if x < pivot]) + [pivot] + quicksort([x for x in rest if x >= pivot])

def mergesort(xs):
    if len(xs) < 2: return xs
    mid = len(xs) // 2
    a, b = mergesort(xs[:mid]), mergesort(xs[mid:])
    out = []
    while a and b:
        out.append(a.pop(0) if a[0] <= b[0] else b.pop(0))
    return out + a + b

def insertion(xs):
    xs = xs[:]
    for i in range(1, len(xs)):
        j, key = i - 1, xs[i]
        while j >= 0 and xs[j] > key:
            xs[j + 1] = xs[j]; j -= 1
        xs[j + 1] = key
    return xs

def bubble(xs):
    xs = list(xs)
    swaps = 0
    for i in range(len(xs) - 1, 0, -1):
        for j in range(i):
            if xs[j] > xs[j+1]:
                xs[j], xs[j+1] = xs[j+1], xs[j]
                swaps += 1
    return xs, swaps

data = [34, 7, 23, 32, 5, 62, 32]
for f in (quicksort, mergesort, insertion):
    print(f"{f.__name__:>10}: {f(data)}")
print("    bubble:", *bubble(data))
assert quicksort(data) == sorted(data)
def binary(xs, target, lo=0, hi=None):
    if hi is None: hi = len(xs) - 1
    if lo > hi: return -1
    mid = (lo + hi) // 2
    if xs[mid] == target: return mid
    return binary(xs, target, mid + 1, hi) if xs[mid] < target else binary(xs, target, lo, mid - 1)
print([binary(sorted(data), t) for t in (5, 62, 8)])
