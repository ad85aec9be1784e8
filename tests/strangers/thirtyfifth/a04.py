from collections import namedtuple, OrderedDict, deque
from itertools import groupby, accumulate, product
import functools

Plant = namedtuple("Plant", ["name", "height", "bed"])
plants = [Plant("rose", 80, 2), Plant("mint", 30, 1), Plant("sage", 45, 1), Plant("lily", 60, 2), Plant("dill", 70, 3)]
plants.sort(key=lambda p: (p.bed, -p.height))
for bed, group in groupby(plants, key=lambda p: p.bed):
    group = list(group)
    print(bed, [p.name for p in group], sum(p.height for p in group) / len(group))
print(plants[0]._replace(height=31))
print(plants[0]._asdict())
print(list(accumulate(p.height for p in plants)))
print(functools.reduce(lambda a, b: a if a.height > b.height else b, plants).name)
od = OrderedDict()
for p in plants:
    od.setdefault(p.bed, []).append(p.name[0])
od.move_to_end(1)
print(list(od.items()))
d = deque(maxlen=3)
for i in range(5):
    d.append(i)
d.rotate(1)
print(d, list(reversed(d)))
print(["".join(t) for t in product("ab", repeat=2)])
print(Plant._fields, *plants[1])
