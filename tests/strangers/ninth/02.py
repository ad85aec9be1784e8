inventory = {"seeds": {"pea": 4, "bean": 0}, "tools": ["rake", "hoe"]}
for kind, things in inventory.items():
    print(kind.upper())
    if isinstance(things, dict):
        for name, n in sorted(things.items(), key=lambda kv: -kv[1]):
            print("  ", name, n if n else "out")
    else:
        for t in things: print("  ", t)
inventory["seeds"]["kale"] = inventory["seeds"].get("kale", 0) + 1
print(inventory)
print(len(inventory["seeds"]), "rake" in inventory["tools"], list(inventory.keys()))
