import json
import re
import textwrap
from datetime import datetime
import os.path
import string

raw = '{"name": "Fernhollow", "beds": [{"crop": "pea", "rows": 3}, {"crop": "leek", "rows": 2}], "open": true, "note": null}'
data = json.loads(raw)
print(data["name"], len(data["beds"]), data["open"], data["note"], data.get("x", "-"))
for bed in data["beds"]:
    bed["plants"] = bed["rows"] * 8
print(json.dumps(data, indent=2))
print(json.dumps({"b": 1, "a": [1, 2.5, "x"]}, sort_keys=True), json.dumps("é"), json.dumps([True, None]))
text = "Order 12: 3 kg apples at $4.50/kg, order 7: 10 kg pears at $2.25/kg"
print(re.findall(r"\d+", text), re.findall(r"[Oo]rder (\d+)", text))
m = re.search(r"(\d+) kg (\w+) at \$(\d+\.\d+)", text)
print(m.group(0), m.group(1), m.groups(), m.start())
print(re.sub(r"\$(\d+\.\d+)", r"£\1", text), re.split(r"[,;]\s*", "a, b;c"), bool(re.match(r"^[A-Z]", text)))
for match in re.finditer(r"(?P<qty>\d+) kg (?P<what>\w+)", text):
    print(match.group("what"), int(match["qty"]) * 2)
print(re.sub(r"\b(\w)", lambda m: m.group(1).upper(), "the quick fox"), re.fullmatch(r"\d{3}", "123") is not None)
pattern = re.compile(r"^(\w+)@(\w+)\.example$")
for mail in ["ivy@garden.example", "bad.mail"]:
    found = pattern.match(mail)
    print(found.groups() if found else "invalid")
words = "it was the best of times it was the worst of times".split()
index = {}
for i, w in enumerate(words):
    index.setdefault(w, []).append(i)
print({k: v for k, v in index.items() if len(v) > 1})
print("{:<10}|{:>8}|{:^7}|".format("left", "right", "mid"), "%s scored %d (%.1f%%)" % ("Ivy", 42, 87.5), "{name} is {age:03d}".format(name="Al", age=7))
print(f"{'x' * 3:-^11}", f"{12345.678:,.2f}", f"{255:08b}", f"{0.1 + 0.2:.17f}", f"{1e-7}", f"{10 ** 20}", f"{True!s:>6}")
rows = [("Apple", 1.5, 3), ("Banana", 0.25, 12)]
width = max(len(r[0]) for r in rows)
for name, price, n in rows: print(f"{name:<{width}} {price:>6.2f} x {n:>2} = {price * n:>7.2f}")
print(string.capwords("hello big world"), "Mixed Case".casefold(), "tabs\tand\nnewlines".split(), "a-b_c".translate(str.maketrans("-_", "  ")))
print("spam and eggs".partition(" and "), "x=1;y=2".split(";"), dict(p.split("=") for p in "x=1;y=2".split(";")), "abc".zfill(5), "-7".zfill(4), "ab".ljust(4, ".") + "|", "1,234".replace(",", ""))
print(ord("é"), chr(8364), "naïve".encode("utf-8"), len("naïve"), "ß".upper(), "HELLO".lower().title(), "abc".isalpha(), "12".isdigit(), " ".isspace(), "Ab1".isalnum())
print(sorted("banana"), sorted(set("banana")), "".join(sorted("banana", key=lambda c: (-"banana".count(c), c))), "banana".index("n"), "banana".rfind("a"), "banana".count("an"))
