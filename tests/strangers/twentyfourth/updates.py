d = {"a": 1}
d.update(b=2)
d.update({"c": 3, "e": 6}, d=4, e=5)
print(d)
other = {"z": 0}
d.update(other, z=1)
print(d, other)
