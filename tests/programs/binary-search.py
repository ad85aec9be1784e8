def find(values, wanted):
    low = 0
    high = len(values) - 1
    while low <= high:
        middle = (low + high) // 2
        if values[middle] == wanted:
            return middle
        if values[middle] < wanted:
            low = middle + 1
        else:
            high = middle - 1
    return -1


values = [2, 3, 5, 7, 11, 13]
for wanted in [2, 7, 13, 4]:
    print(wanted, find(values, wanted))
