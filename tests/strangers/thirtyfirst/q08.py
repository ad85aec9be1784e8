import re
from itertools import groupby, combinations
from functools import reduce

log = """
[08:15] INFO  gate opened by rowan
[08:17] WARN  low water: 12%
[08:40] INFO  gate closed by rowan
[09:02] ERROR pump failed (code 7)
[09:03] INFO  gate opened by fern
"""
pattern = re.compile(r"\[(\d{2}):(\d{2})\]\s+(\w+)\s+(.*)")
entries = []
for line in log.strip().splitlines():
    m = pattern.match(line)
    if m:
        h, mi, level, text = m.groups()
        entries.append((int(h) * 60 + int(mi), level, text))
for level, group in groupby(sorted(entries, key=lambda e: e[1]), key=lambda e: e[1]):
    group = list(group)
    print(level, len(group), "first at", min(g[0] for g in group))
names = re.findall(r"by (\w+)", log)
print(names, set(names) == {"rowan", "fern"})
print(re.sub(r"\d+", lambda m: str(int(m.group()) * 2), "3 beds, 12 rows"))
gaps = [b[0] - a[0] for a, b in zip(entries, entries[1:])]
print(gaps, max(gaps), reduce(lambda x, y: x * y, gaps))
for a, b in combinations(["ash", "elm", "oak"], 2):
    print(a + "-" + b, end=" ")
print()
print(re.split(r"[,;]\s*", "a, b;c,d"), bool(re.search(r"^\d+$", "123")), re.match("x", "abc"))
email = re.compile(r"^[\w.]+@[\w-]+\.\w{2,}$")
for address in ["fern@garden.example", "no-at-sign", "a@b"]:
    print(address, "valid" if email.match(address) else "invalid")
m = re.search(r"(?P<key>\w+)=(?P<value>\d+)", "size=42")
print(m.group("key"), m["value"], m.span(), m.start())
