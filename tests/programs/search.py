def find(plants, wanted):
    for i in range(len(plants)):
        if plants[i] == wanted:
            return i
    return -1

plants = ["bean", "kale", "leek", "pea"]
print(find(plants, "leek"))
print(find(plants, "rose"))
