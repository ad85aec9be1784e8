import re
import string
from collections import Counter, defaultdict, deque, OrderedDict

TEXT = """The mower went past the shed. The shed, old and
grey, stood by the gate; the gate was open!  Who left
the gate open?"""

words = re.findall(r"[a-z]+", TEXT.lower())
count = Counter(words)
for w, n in count.most_common(4):
    print(f"{w:10}{n:3d} {n / len(words):6.1%}")

lengths = defaultdict(set)
for w in words:
    lengths[len(w)].add(w)
for n in sorted(lengths):
    print(n, sorted(lengths[n]))

table = str.maketrans("", "", string.punctuation)
print(TEXT.translate(table).split()[:6])
print(TEXT.count("\n") + 1, "lines;", sum(c.isupper() for c in TEXT), "capitals")
last = deque(maxlen=3)
for w in words:
    last.append(w)
print(last, list(last))
print(sum(count.values()), len(count), count["missing"])
a, b = Counter("garden"), Counter("danger")
print(a == b, a - Counter("den"))
print(re.sub(r"\s+", " ", TEXT).split(". "))
