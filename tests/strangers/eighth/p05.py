text = """It was a fine day in the garden. The bees were busy,
the beans were tall; and the gardener was asleep!"""

words = []
for line in text.splitlines():
    for w in line.split():
        words.append(w.strip(".,;!").lower())

freq = {}
for w in words:
    freq[w] = freq.get(w, 0) + 1

top = sorted(freq.items(), key=lambda kv: (-kv[1], kv[0]))[:4]
print(top)
width = max(len(w) for w, _ in top)
for w, n in top:
    print(w.rjust(width), "*" * n)
lengths = {}
for w in set(words):
    lengths.setdefault(len(w), []).append(w)
for k in sorted(lengths, reverse=True):
    print(k, sorted(lengths[k]))
vowels = sum(ch in "aeiou" for ch in text.lower())
print(f"{vowels} vowels, {sum(map(str.isalpha, text))} letters, {text.count(' ')} spaces")
print(" ".join(w[::-1] for w in words[:6]), "|".join(sorted({w[0] for w in words})))
caps = "".join(c.upper() if i % 2 else c for i, c in enumerate("hedgehog"))
print(caps, caps.swapcase(), caps.title(), "-".join(caps[i:i + 3] for i in range(0, len(caps), 3)))
