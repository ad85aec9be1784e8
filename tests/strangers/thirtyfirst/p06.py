from collections import Counter, defaultdict

text = """The heron stood in the pond.
The pond was still; the heron was not hungry.
Still, the frog hid!"""

words = []
for line in text.split("\n"):
    for word in line.split():
        word = word.strip(".,;!?").lower()
        words.append(word)

counts = Counter(words)
print(counts.most_common(3))
by_length = defaultdict(list)
for w in sorted(set(words)):
    by_length[len(w)].append(w)
for length in sorted(by_length):
    print(f"{length:2d}: {', '.join(by_length[length])}")

letters = {}
for ch in text.lower():
    if ch.isalpha():
        letters[ch] = letters.get(ch, 0) + 1
top = sorted(letters.items(), key=lambda kv: (-kv[1], kv[0]))[:5]
width = max(n for _, n in top)
for ch, n in top:
    print(ch, "#" * n + " " * (width - n), n)

print("Longest word:", max(words, key=len))
print("Average length: {:.2f}".format(sum(map(len, words)) / len(words)))
print("Capitals:", "".join(c for c in text if c.isupper()))
print("Reversed:", " ".join(reversed(text.splitlines()[0].split())))
vowels = sum(text.lower().count(v) for v in "aeiou")
print("Vowels:", vowels)
