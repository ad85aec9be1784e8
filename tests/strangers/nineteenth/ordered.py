from collections import OrderedDict, Counter
from itertools import count, zip_longest, islice
beds = OrderedDict()
beds["leek"] = 3
beds["kale"] = 1
for k, v in beds.items():
    print(k, v)
beds.move_to_end("leek")
print(list(beds), beds)
beds.move_to_end("leek", last=False)
print(beds, len(beds), "kale" in beds, beds["kale"])
print(OrderedDict([("a", 1), ("b", 2)]), OrderedDict())
x = OrderedDict(sorted({"z": 1, "y": 2}.items()))
print(dict(x), x == {"y": 2, "z": 1})
c = Counter("banana")
print(sorted(c.elements()))
print(list(zip_longest([1, 2, 3], "ab", fillvalue="?")), list(zip_longest([1], [2, 3])))
for n in count(10, 5):
    if n > 22: break
    print(n, end=" ")
ids = count(1)
print(next(ids), next(ids), next(count()))
for i, name in zip(count(1), ["a", "b"]): print(i, name)
try:
    beds.move_to_end("none")
except KeyError as e: print("KeyError", e)
