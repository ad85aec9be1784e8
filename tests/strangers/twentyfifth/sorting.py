# sorting race, teacher's demo
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
        if done:
            break
    return a, swaps
def insertion(a):
    a = list(a); moves = 0
    for i in range(1, len(a)):
        key = a[i]; j = i - 1
        while j >= 0 and a[j] > key:
            a[j + 1] = a[j]; j -= 1; moves += 1
        a[j + 1] = key
    return a, moves
def merge_sort(a):
    if len(a) <= 1: return a, 0
    m = len(a) // 2
    (l, x), (r, y) = merge_sort(a[:m]), merge_sort(a[m:])
    out = []; i = j = comps = 0
    while i < len(l) and j < len(r):
        comps += 1
        if l[i] <= r[j]: out.append(l[i]); i += 1
        else: out.append(r[j]); j += 1
    return out + l[i:] + r[j:], comps + x + y
def quick(a, depth=0):
    global deepest
    deepest = max(deepest, depth)
    if len(a) < 2: return a
    p, *rest = a
    return quick([x for x in rest if x < p], depth + 1) + [p] + quick([x for x in rest if x >= p], depth + 1)
deepest = 0
seed = 17
data = []
for _ in range(15):
    seed = (seed * 1103515245 + 12345) % 2**31
    data.append(seed // 65536 % 100)
print(data)
for f in bubble, insertion, merge_sort:
    result, work = f(data)
    assert result == sorted(data), f.__name__
    print(f"{f.__name__:>12}: {work:3d} {'#' * (work // 4)}")
print(quick(data) == sorted(data), deepest)
def search(a, x):
    lo, hi, steps = 0, len(a) - 1, 0
    while lo <= hi:
        steps += 1
        mid = (lo + hi) // 2
        if a[mid] == x: return mid, steps
        elif a[mid] < x: lo = mid + 1
        else: hi = mid - 1
    else:
        return -1, steps
s = sorted(set(data))
print(*(search(s, v) for v in (s[0], s[-1], 1000)))
