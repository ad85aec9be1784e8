def bubble(a):
    a = a[:]
    n = len(a)
    for i in range(n):
        swapped = False
        for j in range(n - 1 - i):
            if a[j] > a[j + 1]:
                a[j], a[j + 1] = a[j + 1], a[j]
                swapped = True
        if not swapped:
            break
    return a

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

def quick(a):
    if len(a) <= 1: return a
    p, *rest = a
    return quick([x for x in rest if x < p]) + [p] + quick([x for x in rest if x >= p])

def merge_sort(a):
    if len(a) < 2:
        return a
    m = len(a) // 2
    l, r = merge_sort(a[:m]), merge_sort(a[m:])
    out = []
    while l and r:
        out.append((l if l[0] <= r[0] else r).pop(0))
    return out + l + r

def heap_sort(a):
    import heapq
    h = []
    for x in a: heapq.heappush(h, x)
    return [heapq.heappop(h) for _ in range(len(h))]

def counting(a):
    counts = [0] * (max(a) + 1)
    for x in a: counts[x] += 1
    return [i for i, c in enumerate(counts) for _ in range(c)]

def binary_search(a, x):
    lo, hi = 0, len(a) - 1
    steps = 0
    while lo <= hi:
        steps += 1
        mid = (lo + hi) // 2
        if a[mid] == x:
            return mid, steps
        elif a[mid] < x:
            lo = mid + 1
        else:
            hi = mid - 1
    return None, steps

data = [38, 27, 43, 3, 9, 82, 10, 3]
for f in (bubble, insertion, quick, merge_sort, heap_sort, counting, sorted):
    result = f(data)
    print(f"{f.__name__:>12}: {result} {'ok' if result == sorted(data) else 'WRONG'}")
print(binary_search(sorted(data), 43), binary_search(sorted(data), 44))
print(data)
people = [("Ivy", 12), ("Ash", 11), ("Elm", 12)]
print(sorted(people, key=lambda p: (-p[1], p[0])))
people.sort(key=lambda p: p[0][-1])
print(people, [n for n, _ in people])
words = "banana Apple cherry apple".split()
print(sorted(words), sorted(words, key=str.lower), sorted(set(map(str.lower, words))), sorted(words, key=len, reverse=True))
