from collections import namedtuple

Bed = namedtuple("Bed", ["name", "width", "length"])

beds = [Bed("north", 2, 5), Bed("south", 3, 4), Bed(name="pond", width=1, length=8)]


def area(bed):
    return bed.width * bed.length


for bed in sorted(beds, key=area, reverse=True):
    print(bed.name.ljust(8), area(bed))

largest = max(beds, key=area)
print(largest)
name, w, l = largest
print(name, w, l, largest[0])
wider = largest._replace(width=6)
print(wider.width, wider == largest)
