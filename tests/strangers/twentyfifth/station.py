"""Weather station: statistics without libraries."""
readings = """
Mon;12.5;3
Tue;15;0
Wed;9.75;11
Thu;;2
Fri;18.25;0
""".strip().splitlines()

data = []
errors = []
for nr, line in enumerate(readings, 1):
    day, temp, rain = line.split(";")
    try:
        data.append({"day": day, "temp": float(temp), "rain": int(rain)})
    except ValueError as e:
        errors.append((nr, str(e)))
print(errors)
temps = [d["temp"] for d in data]
n = len(temps)
mean = sum(temps) / n
variance = sum((t - mean) ** 2 for t in temps) / (n - 1)
median = sorted(temps)[n // 2] if n % 2 else sum(sorted(temps)[n // 2 - 1:n // 2 + 1]) / 2
print("mean %.3f, sd %.3f, median %.2f" % (mean, variance ** 0.5, median))
hottest = max(data, key=lambda d: d["temp"])
print("hottest:", hottest["day"], "driest:", [d["day"] for d in data if d["rain"] == min(e["rain"] for e in data)])
width = max(len(d["day"]) for d in data)
for d in sorted(data, key=lambda d: (-d["rain"], d["day"])):
    bar = "#" * d["rain"] or "-"
    print(f"{d['day']:>{width + 2}} {d['temp']:6.2f} {bar}")
def to_f(c): return c * 9 / 5 + 32
print({d["day"]: round(to_f(d["temp"]), 1) for d in data})
trend = ["up" if b > a else "down" if b < a else "same" for a, b in zip(temps, temps[1:])]
print(trend, trend.count("up"))
moving = [round(sum(temps[i:i + 3]) / 3, 2) for i in range(len(temps) - 2)]
print(moving)
groups = {}
for d in data:
    key = "wet" if d["rain"] > 5 else "damp" if d["rain"] else "dry"
    groups.setdefault(key, set()).add(d["day"])
for key in sorted(groups):
    print(key, sorted(groups[key]))
total = 0
for d in data: total += d["rain"]
print("total", total, "average", total / len(data), "integer", total // len(data))
print(any(t > 18 for t in temps), all(t > 10 for t in temps), sum(t > 10 for t in temps))
matrix = [[d["temp"], d["rain"]] for d in data]
print(list(map(list, zip(*matrix))))
print(*[f"{a}{b}" for a in "xy" for b in range(2)], sep="|")
