# Linear search with for ... else, then binary search
plants = ["aster", "basil", "clover", "dill", "elder", "fern", "gorse"]

wanted_list = ["dill", "holly"]
for wanted in wanted_list:
    for position, plant in enumerate(plants):
        if plant == wanted:
            print("found", wanted, "at", position)
            break
    else:
        print("no", wanted, "here")

def binary_search(items, wanted):
    low = 0
    high = len(items) - 1
    steps = 0
    while low <= high:
        steps += 1
        middle = (low + high) // 2
        if items[middle] == wanted:
            return middle, steps
        elif items[middle] < wanted:
            low = middle + 1
        else:
            high = middle - 1
    return None, steps

for wanted in plants + ["holly"]:
    where, steps = binary_search(plants, wanted)
    print(wanted, "->", where, "in", steps, "steps")
