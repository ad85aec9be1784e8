from collections import namedtuple

Bed = namedtuple("Bed", ["name", "width", "length"])
beds = [Bed("roses", 2, 3), Bed("leeks", 1, 6), Bed("herbs", 2, 2)]
for b in sorted(beds, key=lambda b: b.width * b.length, reverse=True):
    print(b.name, b.width * b.length)
name, w, l = beds[0]
print(name, w + l)
print(beds[1])
print(beds[2]._replace(width=5))
