import sys
import string
from collections import Counter, defaultdict

TEXT = """The garden woke early. The bees, busy as ever,
hummed over the beans; the beans did not mind.
"Early bees," said the gardener, "make early honey!"
"""


def words(text):
    table = str.maketrans("", "", string.punctuation)
    for line in text.splitlines():
        for w in line.translate(table).lower().split():
            yield w


def index(text):
    where = defaultdict(set)
    for n, line in enumerate(text.splitlines(), 1):
        for w in words(line):
            where[w].add(n)
    return where


def longest(ws, n=3):
    return sorted(set(ws), key=lambda w: (-len(w), w))[:n]


def bar(n, total, width=20):
    full = round(width * n / total)
    return "[" + "=" * full + " " * (width - full) + "]"


counts = Counter(words(TEXT))
total = sum(counts.values())
print(f"{total} words, {len(counts)} different")
for w, n in counts.most_common(4):
    print(f"{w:<10}{n:>3} {bar(n, total)} {n / total:6.1%}")
print("longest:", ", ".join(longest(counts)))
idx = index(TEXT)
for w in sorted(idx, key=lambda k: (-len(idx[k]), k))[:3]:
    print(w, sorted(idx[w]))
by_len = defaultdict(list)
for w in sorted(counts):
    by_len[len(w)].append(w)
print({k: v for k, v in sorted(by_len.items()) if len(v) > 2})
letters = Counter(c for c in TEXT.lower() if c.isalpha())
print("".join(c for c, _ in sorted(letters.items(), key=lambda p: (-p[1], p[0]))[:8]))
vowels = {v: letters[v] for v in "aeiou"}
print(vowels, max(vowels, key=vowels.get), sum(vowels.values()))
sentences = [s.strip() for s in TEXT.replace("!", ".").replace("\n", " ").split(".") if s.strip(' "')]
print(len(sentences), [len(s.split()) for s in sentences])
print(*(w.capitalize() for w in list(counts)[:5]), sep="/", end="!\n")
print("bees" in counts, counts["wasps"], "wasps" in counts, file=sys.stdout)
