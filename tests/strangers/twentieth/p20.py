import re

log = """2026-03-01 pump ON 12.5
2026-03-01 pump OFF 12.5
2026-03-02 lamp ON 3.0
bad line
2026-03-03 pump ON 7.25
"""
pattern = re.compile(r"(\d{4})-(\d\d)-(\d\d) (\w+) (ON|OFF) ([\d.]+)")
rows = []
for line in log.splitlines():
    m = pattern.match(line)
    if not m:
        print("skip:", line)
        continue
    y, mo, d, device, state, value = m.groups()
    rows.append((int(d), device, state == "ON", float(value)))
print(rows)
print(sum(v for _, dev, on, v in rows if dev == "pump" and on))
print(re.findall(r"[a-z]+", "pea 12 bean 7"), re.sub(r"\d+", "#", "a1b22"), re.split(r"[,;]\s*", "a, b;c"))
print(bool(re.search("^b.*n$", "bean")), re.search(r"(\w)at", "the cat sat").group(1))
with open("notes.txt", "w") as f:
    f.write("first line\n")
    f.write("second line\n")
    for i in range(3):
        print(i * i, file=f)
with open("notes.txt") as f:
    for number, line in enumerate(f):
        print(number, line.rstrip())
with open("notes.txt", "r") as f:
    lines = f.readlines()
print(len(lines), lines[-1].strip())
with open("notes.txt", "a") as f:
    f.write("end")
print(open("notes.txt").read().count("line"))
try:
    open("missing.txt")
except FileNotFoundError as e:
    print("no such file")
