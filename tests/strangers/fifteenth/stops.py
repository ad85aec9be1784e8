def average(values):
    return sum(values) / len(values)

beds = {"north": [3, 5, 4], "south": [7], "pond": []}
for name, harvest in beds.items():
    print(name, "harvested", sum(harvest), "kg")
    print("  on average", average(harvest))
print("done")
