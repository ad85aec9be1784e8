drawer = {"bean": 12, "kale": 3}
drawer["pea"] = 7
drawer["bean"] -= 2
for name in drawer:
    print(name, drawer[name])
for name, count in drawer.items():
    print(name, "->", count)
print("kale" in drawer, "corn" in drawer, drawer.get("corn"), drawer.get("corn", 0), len(drawer))
print(list(drawer.keys()), list(drawer.values()), sum(drawer.values()), max(drawer.values()), list(drawer.items()))
del drawer["kale"]
print(drawer.pop("pea"), drawer, list(drawer), sorted(drawer))
beds = {"north": ["bean"], "south": []}
beds["south"].append("kale")
beds["east"] = {"row": 1}
beds["east"]["row"] += 1
print(beds)
beds.update({"north": 1, "west": 2})
print(beds, {1: "one", 2.5: "x", None: 0, True: "t"})
