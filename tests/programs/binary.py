sizes = [3, 8, 12, 17, 25, 31]
wanted = 17
low = 0
high = len(sizes) - 1
steps = 0
while low <= high:
    middle = (low + high) // 2
    steps += 1
    if sizes[middle] == wanted:
        print("found at", middle)
        break
    if sizes[middle] < wanted:
        low = middle + 1
    else:
        high = middle - 1
print(steps, "steps")
