temps = {}
n = int(input())
for _ in range(n):
    day, *values = input().split()
    temps[day] = list(map(float, values))
for day in temps:
    v = temps[day]
    print("%-4s min %5.1f max %5.1f avg %6.2f" % (day, min(v), max(v), sum(v) / len(v)))
hottest = max(temps, key=lambda d: max(temps[d]))
print("hottest:", hottest)
print("sorted:", sorted((max(v), d) for d, v in temps.items())[::-1])
above = {d: [t for t in v if t > 15] for d, v in temps.items()}
print({d: v for d, v in above.items() if v})
flat = [t for v in temps.values() for t in v]
flat.sort(reverse=True)
print(flat[:3], flat[::2], flat.index(min(flat)), flat.count(15.0))
del temps["Tue"]
print(len(temps), "Tue" in temps, temps.pop("Wed", None), list(temps.keys()))
try:
    print(temps["Sun"])
except KeyError:
    print("no Sunday")
bars = [int(t) for t in flat]
for level in range(max(bars), 0, -5):
    print("".join("#" if b >= level else " " for b in bars).rstrip())
