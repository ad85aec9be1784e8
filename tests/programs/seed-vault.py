# How many seeds a vault of the garden holds after many doublings.
seeds = 2 ** 10
print(seeds)
print(seeds * 3 ** 4)
print("Fernhollow\tvault\n\"full\"")
shelves = [4, 1, 3, 1]
print(shelves.index(3), shelves.count(1))
print(sorted(shelves))
print(shelves)
