def bubble_sort(alist):
    swaps = 0
    for passnum in range(len(alist)-1,0,-1):
        for i in range(passnum):
            if alist[i]>alist[i+1]:
                temp = alist[i]
                alist[i] = alist[i+1]
                alist[i+1] = temp
                swaps = swaps + 1
    return swaps

def insertion(values):
    for index in range(1,len(values)):
        current = values[index]
        position = index
        while position>0 and values[position-1]>current:
            values[position]=values[position-1]
            position = position-1
        values[position]=current

def merge(a):
    if len(a) < 2:
        return a[:]
    mid = len(a)//2
    left, right = merge(a[:mid]), merge(a[mid:])
    out = []
    i = j = 0
    while i < len(left) and j < len(right):
        if left[i] <= right[j]:
            out.append(left[i]); i += 1
        else:
            out.append(right[j]); j += 1
    return out + left[i:] + right[j:]

def quick(a):
    if not a: return []
    pivot, *rest = a
    return quick([x for x in rest if x < pivot]) + [pivot] + quick([x for x in rest if x >= pivot])

alist = [54,26,93,17,77,31,44,55,20]
blist = list(alist)
print(bubble_sort(alist), alist)
insertion(blist)
print(blist)
print(merge([5, 2, 9, 1]), quick([3, 3, 1, 2]))
assert alist == blist == merge(alist) == quick(alist), "sorts differ"
