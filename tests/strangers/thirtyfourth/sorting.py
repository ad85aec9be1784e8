def bubble(a):
    a = a[:]
    n, swaps = len(a), 0
    for i in range(n - 1):
        done = True
        for j in range(n - 1 - i):
            if a[j] > a[j + 1]:
                a[j], a[j + 1] = a[j + 1], a[j]
                swaps += 1
                done = False
        if done: break
    return a, swaps

def quick(a):
    if len(a) <= 1: return a
    pivot, *rest = a
    return quick([x for x in rest if x < pivot]) + [pivot] + quick([x for x in rest if x >= pivot])

def merge(a):
    if len(a) < 2: return a
    m = len(a) // 2
    l, r = merge(a[:m]), merge(a[m:])
    out = []
    while l and r:
        out.append((l if l[0] <= r[0] else r).pop(0))
    return out + l + r

def insertion(a):
    a = list(a)
    for i in range(1, len(a)):
        x = a[i]
        j = i - 1
        while j >= 0 and a[j] > x:
            a[j + 1] = a[j]
            j -= 1
        a[j + 1] = x
    return a

def bsearch(a, x):
    lo, hi = 0, len(a) - 1
    steps = 0
    while lo <= hi:
        mid = (lo + hi) // 2
        steps += 1
        if a[mid] == x: return mid, steps
        if a[mid] < x: lo = mid + 1
        else: hi = mid - 1
    return -1, steps

data = [38, 27, 43, 3, 9, 82, 10, 3]
print(bubble(data), data)
for f in (quick, merge, insertion, sorted):
    print(f"{f.__name__:>10}", f(data))
s = sorted(data)
print([bsearch(s, x) for x in (3, 82, 5)])
names = ["bo", "Ada", "cy", "Dee"]
print(sorted(names), sorted(names, key=str.lower), sorted(names, key=len, reverse=True))
matrix = [[1, 2, 3], [4, 5, 6]]
print([list(r) for r in zip(*matrix)], [sum(r) for r in matrix], sum(map(sum, matrix)))
for row in matrix: print(*(f"{x:4}" for x in row))
import copy
deep = copy.deepcopy(matrix); shallow = matrix[:]
matrix[0][0] = 99
print(deep[0][0], shallow[0][0])
print(all(x > 0 for x in data), any(x > 80 for x in data), data.index(9), data.count(3))
del data[1:3]; data.insert(1, "x"); data.extend([1, 2]); print(data, data.pop(), data.pop(0), data)
