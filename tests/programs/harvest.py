harvest = {"beans": 12, "peas": 7}
harvest["leeks"] = 3
for plant in harvest:
    print(plant, harvest[plant])
total = sum(harvest.values())
print(f"{total} in all, {total / len(harvest):.1f} each")
if "kale" not in harvest:
    print("no kale")
best = max(harvest.values())
print("best:", best)
