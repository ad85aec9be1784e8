def bubble(a):
    a = a[:]
    n = len(a)
    for i in range(n):
        swapped = False
        for j in range(0, n - i - 1):
            if a[j] > a[j + 1]:
                a[j], a[j + 1] = a[j + 1], a[j]
                swapped = True
        if not swapped:
            break
    return a
def quick(a):
    if len(a) <= 1: return a
    p, *rest = a
    return quick([x for x in rest if x < p]) + [p] + quick([x for x in rest if x >= p])
def merge_sort(a):
    if len(a) < 2: return a
    m = len(a) // 2
    l, r = merge_sort(a[:m]), merge_sort(a[m:])
    out = []
    while l and r:
        out.append(l.pop(0) if l[0] <= r[0] else r.pop(0))
    return out + l + r
data = [5, 2, 9, 1, 5, 6]
print(bubble(data), quick(data), merge_sort(data), data)
