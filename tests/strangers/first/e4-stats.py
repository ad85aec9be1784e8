import statistics as st
from math import sqrt, floor, ceil
xs = [4, 8, 15, 16, 23, 42, 8]
print(st.mean(xs), st.median(xs), st.mode(xs))
mean = sum(xs) / len(xs)
var = sum((x - mean) ** 2 for x in xs) / (len(xs) - 1)
print(round(sqrt(var), 3), round(st.stdev(xs), 3))
hist = {}
for x in xs:
    hist.setdefault(x // 10 * 10, []).append(x)
for low, members in sorted(hist.items()):
    print(f"{low:>3}-{low + 9:<3} {'*' * len(members)} {members}")
print(floor(-2.5), ceil(-2.5), round(2.5), round(3.5), round(2.675, 2), -7 // 2, -7 % 3)
