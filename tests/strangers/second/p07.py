import random
random.seed(1)
inventory = [("rope", 1), ("gold coin", 42), ("torch", 6)]
loot = ["dagger", "gold coin", "gold coin", "ruby"]
def add_to(inv, items):
    result = dict(inv)
    for item in items:
        result[item] = result.get(item, 0) + 1
    return result
def display(inv):
    print("Inventory:")
    total = 0
    for k, v in inv.items():
        print(f"{v:>4} {k}{'s' if v > 1 else ''}")
        total += v
    print("Total:", total)
    return total
inv = add_to(inventory, loot)
assert display(inv) == 53
keys = list(inv)
print(keys[0], keys[-1], "ruby" in inv, inv.pop("rope"), len(inv))
for k in list(inv):
    if inv[k] < 2:
        del inv[k]
print(inv, {v: k for k, v in inv.items()})
