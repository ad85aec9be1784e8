def quicksort(xs):
    if len(xs) <= 1: return xs
    pivot, *rest = xs
    return quicksort([x for x in rest if x < pivot]) + [pivot] + quicksort([x for x in rest if x >= pivot])
def merge(a, b):
    out = []
    while a and b:
        out.append(a.pop(0) if a[0] <= b[0] else b.pop(0))
    return out + a + b
def mergesort(xs):
    if len(xs) < 2: return xs[:]
    mid = len(xs) // 2
    return merge(mergesort(xs[:mid]), mergesort(xs[mid:]))
def insertion(xs):
    xs = list(xs)
    for i in range(1, len(xs)):
        j, key = i, xs[i]
        while j > 0 and xs[j-1] > key:
            xs[j] = xs[j-1]
            j -= 1
        xs[j] = key
    return xs
data = [3, 6, -1, 8, 0, 3]
for f in (quicksort, mergesort, insertion, sorted):
    print(f.__name__, f(data))
print(data)
