from collections import defaultdict, Counter, deque
import math
text = """The quick hen hid the egg;
the egg hatched -- and the chick,
being quick, hid too!"""
words = [w.strip(".,;!-").lower() for w in text.split()]
words = [w for w in words if w]
c = Counter(words)
print(c.most_common(3))
by_letter = defaultdict(list)
for w in sorted(set(words)):
    by_letter[w[0]].append(w)
for letter in by_letter:
    print(letter, "->", by_letter[letter])
longest = max(words, key=len)
print(longest, len(longest), longest[::-1], longest.title())
lines = text.splitlines()
for n, line in enumerate(lines):
    print(f"{n:02d} {len(line):>3} {line!r}")
vowels = sum(text.lower().count(v) for v in "aeiou")
print("vowels:", vowels, "of", sum(ch.isalpha() for ch in text))
q = deque(maxlen=3)
for w in words:
    q.append(w)
print(q, list(q)[-1])
print({w: len(w) for w in words if len(w) > 4})
pairs = list(zip(words, words[1:]))
print(pairs[:2], Counter(pairs).most_common(1))
print(math.ceil(len(words) / 4), math.floor(-2.5), round(2.5), round(3.14159, 2), math.hypot(3, 4))
caesar = "".join(chr((ord(ch) - 97 + 3) % 26 + 97) if ch.isalpha() else ch for ch in text.lower())
print(caesar.split("\n")[0])
print(text.replace("egg", "EGG", 1).partition(";")[0])
print("quick" in text, text.find("chick"), text.index("hid"), text.rfind("hid"), text.count("the"))
