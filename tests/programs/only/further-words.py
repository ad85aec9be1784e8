import math
print("a", 1, end=" " if 1 else "\n")
print("b", end="\n" * 2)
nums = list(range(6)); nums[1:3] = [9, 9, 9]; print(nums)
nums[:2] = "ab"; nums[-1:] = []; print(nums)
nums[2:2] = (7, 8)
print(nums)
d = {"a": 1, "b": 2}
print(d.pop("a", 0), d.pop("z", None), d.pop("q", 5), d)
class Bed:
    count = 3
    def __init__(self, n): self.n = n; self.side = "left"
    def area(self): return self.n
class Small(Bed):
    pass
b = Bed(3)
side = "n"
print(getattr(b, "n"), getattr(b, side), getattr(b, "colour", "none"), issubclass(Small, Bed), issubclass(Bed, Small))
setattr(b, side, 8); setattr(b, "colour", "red")
print(b.n)
print(math.isclose(0.1 + 0.2, 0.3), math.isclose(1, 1.1))
for n in 12, 97, 360: print(n, end=";")
for a, b2 in (1, 2), (3, 4):
    print(a + b2)
r = {"name": "Fern", "year": 7}
print('{name:>6} | year {year} | {0}'.format("A", **r), "{name}".format(**r))
d.pop("b", None)
print(d)
