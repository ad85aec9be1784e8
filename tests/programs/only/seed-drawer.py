drawer = {"bean": 12, "kale": 3}
drawer["pea"] = 7
drawer["bean"] -= 2
for name in drawer:
    print(name, drawer[name])
for name, count in sorted(drawer.items()):
    print(name, "->", count)
print("kale" in drawer, "corn" in drawer, drawer.get("corn"), drawer.get("corn", 0))
print(list(drawer.keys()), list(drawer.values()))
print(len(drawer), sum(drawer.values()), max(drawer.values()))
del drawer["kale"]
print(drawer)
