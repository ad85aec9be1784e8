import re
from collections import Counter

TEXT = """The worm turned, and turned again; the robin - a patient bird! - waited.
"Is it Monday?" asked the worm. "It's only Sunday," said the robin.

So the worm, who couldn't read a calendar, came out..."""

words = re.findall(r"[a-z']+", TEXT.lower())
print(len(words), len(set(words)))
c = Counter(words)
for word, n in c.most_common(4):
    print(f"{word:<8}{n:>3} {'#' * n}")
sentences = [s.strip() for s in re.split(r"[.!?]+", TEXT) if s.strip()]
print(len(sentences))
print(max(words, key=len), min(words, key=lambda w: (len(w), w)))
print(re.sub(r"\b(\w)(\w*)\b", lambda m: m.group(1).upper() + m.group(2), "the old oak tree"))
m = re.search(r"(\w+)day", TEXT)
if m:
    print(m.group(), m.group(1), m.start(), m.span())
pattern = re.compile(r"^(?P<key>\w+)\s*=\s*(?P<value>.+)$")
for line in ["rows = 12", "bad line", "name=Ana Reed "]:
    hit = pattern.match(line)
    print(hit.group("key") + " -> " + hit.group("value").strip() if hit else "cannot read " + repr(line))
lengths = Counter(map(len, words))
print(sorted(lengths.items()))
print(c["robin"], c["cat"], sum(c.values()))
c.update(["cat", "cat"])
c.subtract({"robin": 1})
print(c["cat"], c["robin"])
print(TEXT.count("\n"), TEXT.split("\n")[-1].split()[:3])
print("-".join(reversed("worm".upper())), "robin".center(11, "*"), "a,b,,c".split(","), "  x ".rstrip() + "|")
print("Sunday".partition("n"), "one two three".rsplit(" ", 1), "tAbLe".swapcase(), "it's".title())
