import re
m = re.search(r"(?P<bed>\d+):(?P<plant>\w+)?", "bed 12: x")
print(m.group("bed"), m["bed"], m.group("plant"), m[1])
WORD = re.compile(r"[a-z]+")
def words(text):
    return [m.group() for m in WORD.finditer(text)]
print(words("pea 12 bean"))
if not WORD.match("12"):
    print("no word")
print(re.compile(r"\d").sub("#", "a1b2"))
for m in re.finditer("(?P<k>a)(b)?", "aab"):
    print(m.start(), m.groups())
